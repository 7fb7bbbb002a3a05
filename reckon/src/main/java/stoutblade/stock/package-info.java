/** What can be bought, what is on the shelf, and what must be bought for a project. */
package stoutblade.stock;
