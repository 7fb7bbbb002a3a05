/**
 * Reference pictures and models brought to real size: what is marked on them, the millimetres that
 * a pixel or a model's unit stands for with its uncertainty, whether the rulers agree, and which
 * size the prop gets for the one who carries it.
 */
package stoutblade.reference;
