package app.geminal.server.demo;

import app.geminal.billet.Run;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawKind;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.InspectionMethod;
import app.geminal.flaw.LatestJoints;
import app.geminal.flaw.Spot;
import app.geminal.server.billet.Billet;
import app.geminal.server.book.Entries;
import app.geminal.server.book.EntryBody;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The look at a bar of the demo shop whose first weld opened: one of its joints, at the end. */
@Component
class OpenJoint {
  private final Entries entries;
  private final SteelShelf shelf;
  private final ShopService shops;

  OpenJoint(Entries entries, SteelShelf shelf, ShopService shops) {
    this.entries = entries;
    this.shelf = shelf;
    this.shops = shops;
  }

  void add(Billet billet, String smith) {
    Run run = Run.of(billet.plan(), shelf.steels(), shops.defaults());
    String step = billet.plan().setWelds().getFirst().path();
    List<Double> seams = LatestJoints.of(run, 1);
    int thirdFromTop = seams.size() - 2;
    double z = Objects.requireNonNull(seams.get(thirdFromTop - 1));
    Flaw flaw =
        new Flaw(
            "marlinspike-1",
            FlawKind.SEAM,
            WeldOutcome.OPEN,
            thirdFromTop,
            new Spot(0, 0, 25.4, 0, 9.525, z, z),
            "dark to the naked eye after grinding");
    Inspection look =
        new Inspection(
            step,
            Instant.parse("2026-02-11T10:05:00Z"),
            Set.of(InspectionMethod.HOT_SHADOW, InspectionMethod.GROUND_EDGE),
            null,
            List.of(flaw),
            "Handle end, left edge ground bright.");
    entries.add(
        billet.id(), billet.plan(), new EntryBody(look, null, null, null, null, null, null), smith);
  }
}
