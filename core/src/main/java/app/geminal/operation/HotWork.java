package app.geminal.operation;

import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;

/**
 * What a step asks of forge and press.
 *
 * @param tool that shapes the bar
 * @param celsius how hot the bar is
 * @param how what one squeeze or blow does to the steel
 * @param isOnEdge whether the bar is worked on its edges
 */
public record HotWork(Tool tool, double celsius, Deformation how, boolean isOnEdge) {}
