/** What stands round every station: the tape, the rack, the slip, the shelf, masking tape. */
package stoutblade.desktop.shell;
