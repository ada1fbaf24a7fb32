/**
 * The shop on devices of its own network: an authority of its own, HTTPS with a certificate of it,
 * and a plain page that says how to trust it. Entry class: {@link
 * app.geminal.server.network.ShopNetwork}.
 */
@NullMarked
package app.geminal.server.network;

import org.jspecify.annotations.NullMarked;
