package app.geminal.heat;

/**
 * How a material takes up and passes on heat. Heat content is counted from 0 °C, so that a change
 * of state is a steep stretch of it and no energy is lost between two temperatures.
 */
interface Material {
  /** W/(m·K). */
  double conductivity(double celsius);

  /** J/(kg·K), the slope of {@link #content}. */
  double capacity(double celsius);

  /** Heat in a kilogram, J/kg. */
  double content(double celsius);

  /** The temperature a kilogram holding so much heat has, °C; the inverse of {@link #content}. */
  double celsius(double contentJKg);

  /** With cold dimensions, kg/m³. */
  double densityKgM3();
}
