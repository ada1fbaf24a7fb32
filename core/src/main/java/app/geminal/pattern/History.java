package app.geminal.pattern;

import app.geminal.bar.Size;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.Block;
import app.geminal.geometry.Gathering;
import app.geminal.geometry.InverseMap;
import app.geminal.geometry.LinearStretch;
import app.geminal.geometry.ShapeChange;
import app.geminal.geometry.Source;
import app.geminal.layup.Stack;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Makes the chain of one Run, step by step. What happened to flat bars is listed as flat layers at
 * once, from the ledger's own sequence, so that only what bent the layers is walked point by point.
 */
final class History {
  private final Run run;
  private final int mostListed;
  private final Map<String, History> parts = new HashMap<>();
  private final Map<String, Integer> partBarsUsed = new HashMap<>();
  private Chain chain;
  private boolean flat = true;

  History(Run run, int mostListed) {
    this.run = run;
    this.mostListed = mostListed;
    this.chain =
        Chain.of(FlatLayers.of(run.plan().stack().layers(), Integer.MAX_VALUE).orElseThrow());
  }

  Chain upTo(int stage) {
    for (int i = 1; i <= stage; i++) {
      Stage now = run.stages().get(i);
      flat &= now.changes().stream().allMatch(this::keepsFlat);
      walk(now);
      if (flat && now.bars().section().isLevel() && !now.isOff()) {
        FlatLayers.of(now.bars().section().up(), mostListed)
            .ifPresent(layers -> chain = Chain.of(layers));
      }
    }
    return chain;
  }

  boolean isFlat() {
    return flat;
  }

  /** The chain from a stage back to an earlier one, where a point of its bars is left as it is. */
  Chain between(int earlier, int stage) {
    chain = Chain.of(IdentityMap.HERE);
    for (int i = earlier + 1; i <= stage; i++) {
      walk(run.stages().get(i));
    }
    return chain;
  }

  private void walk(Stage now) {
    List<BarChange> changes = new ArrayList<>();
    for (ShapeChange change : now.changes()) {
      switch (change) {
        case BarChange alone -> changes.add(alone);
        case Gathering gathering -> {
          follow(changes);
          changes.clear();
          List<End> sources = gathering.sources().stream().map(this::end).toList();
          chain = Chain.of(new Gathered(gathering, sources)).after(gathering.back());
          useParts(gathering, now);
        }
      }
    }
    follow(changes);
    if (now.planned().isPresent()) {
      Size real = Size.of(now.bars());
      chain = chain.after(List.of(LinearStretch.between(real, Size.of(now.calculated()))));
    }
  }

  private void follow(List<BarChange> changes) {
    List<InverseMap> back = new ArrayList<>();
    changes.reversed().forEach(change -> back.addAll(change.back()));
    chain = chain.after(back);
  }

  /** Whether bars that had only flat layers still do after it. */
  private boolean keepsFlat(ShapeChange change) {
    return switch (change) {
      case BarChange alone -> alone.keepsLayersFlat();
      case Gathering gathering ->
          gathering.keepsLayersFlat()
              && gathering.sources().stream()
                  .allMatch(s -> !(s instanceof Source.PartBars of) || part(of.part()).flat);
    };
  }

  private End end(Source source) {
    return switch (source) {
      case Source.OwnBars _ -> chain;
      case Source.PartBars of ->
          new PartBarsUsed(part(of.part()).chain, partBarsUsed.getOrDefault(of.part(), 0));
      case Source.Sheet sheet -> FlatLayers.sheet(sheet.steel());
      case Source.Shims shims ->
          FlatLayers.of(Stack.layersOf(shims.pieces()), FlatLayers.MOST).orElseThrow();
    };
  }

  private void useParts(Gathering gathering, Stage now) {
    if (gathering instanceof Block block) {
      for (Source source : block.sources()) {
        if (source instanceof Source.PartBars of) {
          int used = block.perBlock(source) * now.calculated().count();
          partBarsUsed.merge(of.part(), used, Integer::sum);
        }
      }
    }
  }

  private History part(String name) {
    return parts.computeIfAbsent(
        name,
        n -> {
          Run made = Optional.ofNullable(run.parts().get(n)).orElseThrow();
          History history = new History(made, mostListed);
          history.upTo(made.stages().size() - 1);
          return history;
        });
  }
}
