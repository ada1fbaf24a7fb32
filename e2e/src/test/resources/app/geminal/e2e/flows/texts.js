// Every text a reader meets on the page: of elements, of what a screen reader says, of whole lines and of fields.
() => {
  const own = (e) => e.closest('[data-own-words]') !== null;
  const seen = (e) => e.getClientRects().length > 0;
  const texts = new Set();
  const add = (text) => text.trim() && texts.add(text.replace(/\s+/g, ' ').trim());
  for (const e of document.body.querySelectorAll('*')) {
    if (['SCRIPT', 'STYLE'].includes(e.tagName) || own(e) || !seen(e)) continue;
    add([...e.childNodes].filter((c) => c.nodeType === 3).map((c) => c.textContent).join(' '));
    for (const name of ['title', 'aria-label', 'placeholder']) add(e.getAttribute(name) ?? '');
    if ((e.tagName === 'INPUT' && e.type === 'text') || e.tagName === 'TEXTAREA') add(e.value);
  }
  for (const e of document.querySelectorAll('p,li,td,th,dd,dt,label,h1,h2,h3,summary,figcaption,text')) {
    if (own(e) || !seen(e)) continue;
    const line = e.cloneNode(true);
    line.querySelectorAll('[data-own-words]').forEach((words) => words.remove());
    add(line.textContent);
  }
  return [...texts];
}
