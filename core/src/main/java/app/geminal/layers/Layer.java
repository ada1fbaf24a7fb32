package app.geminal.layers;

/**
 * One visible layer.
 *
 * @param steel designation
 * @param thicknessMm measured across the layer
 */
public record Layer(String steel, double thicknessMm) {}
