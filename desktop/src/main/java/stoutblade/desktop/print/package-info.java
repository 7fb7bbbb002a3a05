/** What is put on paper: the printers there are, what is printed, and the window that asks how. */
package stoutblade.desktop.print;
