package app.geminal.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class MadeUpTest {
  @Test
  void lettersChangeAndArgumentsStay() {
    assertThat(MadeUp.pattern("{n, plural, one {# bar} other {# bars}} of {steel}"))
        .isEqualTo("⟦{n, plural, one {# bàr} other {# bàrs}} òf {steel}⟧");
    assertThat(MadeUp.pattern("{n, plural, =0 {none} one {# cut} other {# cuts}}"))
        .isEqualTo("⟦{n, plural, =0 {ñòñè} one {# çùt} other {# çùts}}⟧");
    assertThat(MadeUp.pattern("Don't cut {what}.")).isEqualTo("⟦Dòñ't çùt {what}.⟧");
  }
}
