/** What is on the shelf, and what must be bought for a project. */
package stoutblade.stock;
