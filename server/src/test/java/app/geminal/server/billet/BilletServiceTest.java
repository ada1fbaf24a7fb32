package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.lenient;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.geminal.billet.Plan;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.validation.InvalidValue;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class BilletServiceTest {
  private static final Instant NOW = Instant.parse("2026-03-01T10:00:00Z");
  private static final Plan PLAN = plan("3 (1075 3, 15N20 1.5) 40 x 100 > set 3");

  @Mock private BilletRepository billets;
  @Mock private SteelShelf shelf;
  @Mock private ShopService shops;
  private BilletService service;

  @BeforeEach
  void wire() {
    lenient().when(shelf.steels()).thenReturn(ShippedSteels.read());
    lenient().when(shops.defaults()).thenReturn(ShopDefaults.common());
    service = new BilletService(billets, shelf, shops, Clock.fixed(NOW, ZoneOffset.UTC));
  }

  private static Plan plan(String line) {
    return Shorthand.parse(line, UnitSystem.METRIC, ShopDefaults.common());
  }

  private static Billet stored(int version) {
    return new Billet(7, "Bar", "", PLAN, version, NOW, true);
  }

  @Test
  void aPlanThatCannotBeMeantNeverReachesTheDatabase() {
    Plan unknown = plan("3 (1075 3, mystery 1.5) 40 x 100");
    assertThatThrownBy(() -> service.start("Bar", "", unknown))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> assertThat(bad.path()).isEqualTo("plan/stack/pieces/1/steel"));
    assertThatThrownBy(() -> service.change(7, 1, " ", "", PLAN)).isInstanceOf(InvalidValue.class);
    verifyNoInteractions(billets);
  }

  @Test
  void aChangeOfAnOldVersionSaysWhichIsStored() {
    when(billets.replace(anyLong(), anyInt(), anyString(), anyString(), any(), any()))
        .thenReturn(false);
    when(billets.find(7)).thenReturn(Optional.of(stored(4)));
    assertThatThrownBy(() -> service.change(7, 3, "Bar", "", PLAN))
        .isInstanceOf(VersionConflict.class);
  }

  @Test
  void aChangeOfNothingIsNotStale() {
    when(billets.replace(anyLong(), anyInt(), anyString(), anyString(), any(), any()))
        .thenReturn(false);
    when(billets.find(7)).thenReturn(Optional.empty());
    assertThatThrownBy(() -> service.change(7, 3, "Bar", "", PLAN)).isInstanceOf(NotFound.class);
  }

  @Test
  void namesAreStoredWithoutTheSpaceAroundThem() {
    when(billets.add("Bar", "for a knife", PLAN, NOW)).thenReturn(7L);
    when(billets.find(7)).thenReturn(Optional.of(stored(1)));
    assertThat(service.start(" Bar ", " for a knife", PLAN).id()).isEqualTo(7);
  }
}
