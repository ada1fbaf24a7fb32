package app.geminal.server.session;

import app.geminal.instrument.SensorState;
import app.geminal.server.instrument.Channel;

/** One reading to keep: second of the session, °C or MPa. */
record ReadingRow(long sessionId, Channel channel, int second, double figure, SensorState state) {}
