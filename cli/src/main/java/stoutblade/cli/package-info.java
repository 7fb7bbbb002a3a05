/** The work without a window: export, figures and plan of a project file. */
package stoutblade.cli;
