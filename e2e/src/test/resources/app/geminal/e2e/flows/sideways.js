// What is cut off or makes the page scroll sideways; what scrolls by itself is left alone.
() => {
  const width = innerWidth;
  const found = [];
  const main = document.querySelector('main');
  if (document.documentElement.scrollWidth > width + 1) found.push(`page ${document.documentElement.scrollWidth}`);
  if (main && main.scrollWidth > main.clientWidth + 1) found.push(`main ${main.scrollWidth} of ${main.clientWidth}`);
  const scrolls = (element) => {
    for (let above = element.parentElement; above && above.tagName !== 'MAIN'; above = above.parentElement) {
      if (above.tagName === 'BODY') return false;
      if (getComputedStyle(above).overflowX !== 'visible') return true;
    }
    return false;
  };
  for (const element of document.querySelectorAll('main *, header *')) {
    const box = element.getBoundingClientRect();
    const said = [...element.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent.trim());
    const used = ['BUTTON', 'INPUT', 'SELECT', 'A', 'TEXTAREA'].includes(element.tagName);
    if (!(said || used) || !box.width || !box.height) continue;
    if (getComputedStyle(element).visibility === 'hidden' || element.closest('.sr-only')) continue;
    if ((box.right > width + 1 || box.left < -1) && !scrolls(element)) {
      found.push(`${element.tagName} “${element.textContent.trim().slice(0, 30)}” ${Math.round(box.left)} to ${Math.round(box.right)}`);
    }
  }
  return [...new Set(found)];
}
