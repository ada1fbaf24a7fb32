/**
 * The search for every schedule that leads to a layer count. Entry class: {@link
 * app.geminal.finder.Finder}, asked with a {@link app.geminal.schedule.FinderQuestion}.
 *
 * <p>It is exhaustive within the question's bounds and calculates every schedule to its end in
 * {@link app.geminal.finder.ScheduleWalk}, a compact form of the ledger for flat layers; each one
 * that is shown is worked through by {@link app.geminal.finder.LedgerCheck} and takes its figures
 * from the ledger. Tests hold the two forms against each other.
 *
 * <p>What it does not see: layers that do not lie flat, bars of parts, and any drawing down that a
 * smith would choose differently from one restack to the next.
 */
@NullMarked
package app.geminal.finder;

import org.jspecify.annotations.NullMarked;
