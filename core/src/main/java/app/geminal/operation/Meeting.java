package app.geminal.operation;

import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Faces of the bars at hand that a step lays on others.
 *
 * @param faces which of a bar
 * @param groundMm what the step grinds off each before
 * @param ground the same step with so much ground off, mm; null where the step grinds none
 */
public record Meeting(BarFace faces, double groundMm, @Nullable DoubleFunction<Operation> ground) {}
