/** The demo that ships with the application: an invented pageant, its wearer and her polearm. */
package stoutblade.demo;
