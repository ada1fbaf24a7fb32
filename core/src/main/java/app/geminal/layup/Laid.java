package app.geminal.layup;

/** What can be laid into a joint: a piece of bar or sheet, or a bar made as a part of its own. */
public sealed interface Laid permits Piece, PartBar {}
