/**
 * What a number is: lengths as people type and read them, quantities with their units, and figures
 * that can show how they came about.
 *
 * <p>Inside the computing core lengths are millimetres, masses grams, durations minutes and angles
 * radians. This package alone turns them into text and text into them. A {@link
 * stoutblade.measure.Figure} carries its value, the formula in words and numbers, the figures it
 * came from, the source of its constants and its uncertainty.
 */
package stoutblade.measure;
