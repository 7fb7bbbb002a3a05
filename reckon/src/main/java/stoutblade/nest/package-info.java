/**
 * Pieces laid on sheets so that as little as can be is bought: shapes with holes, turned as they
 * may be, on sheets, rolls and offcuts of any shape.
 *
 * <p>A first answer comes from boxes in rows ({@link stoutblade.nest.BoxRows}); a second from
 * corners that are filled with what touches them most ({@link stoutblade.nest.CornerFilling}); then
 * sheets are taken away or shortened, pieces are let overlap, and moved one by one to where they
 * overlap least until none does (overlap minimisation by guided local search: Egeblad, Nielsen and
 * Odgaard 2007; Umetani and others 2009; from memory).
 */
package stoutblade.nest;
