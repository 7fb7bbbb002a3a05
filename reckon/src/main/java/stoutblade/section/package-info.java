/** Sections of rods and pipes across their line: sizes and properties by their formulas. */
package stoutblade.section;
