/**
 * Readers and writers: the project file and its autosave, pictures, the catalogue, templates as PDF
 * and SVG, figures, plan and shopping list.
 *
 * <p>Files from outside are hostile until read: sizes, counts and depths are limited, and a fault
 * is a {@link stoutblade.formats.FormatException} that names the file, the place, what was expected
 * and what was found. A reader returns the whole or nothing.
 */
package stoutblade.formats;
