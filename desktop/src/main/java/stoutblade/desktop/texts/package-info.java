/** The words of the window, in files that a translator can work on. */
package stoutblade.desktop.texts;
