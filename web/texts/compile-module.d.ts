declare module '@messageformat/core/compile-module' {
  import type MessageFormat from '@messageformat/core';

  /** ES module source with a function for each message, as its default export. */
  export default function compileModule(format: MessageFormat, messages: Record<string, string>): string;
}
