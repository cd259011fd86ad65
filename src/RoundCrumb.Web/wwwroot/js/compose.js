// Compose by hand: press a layer in the cut to open it, filter the parts as you type, and keys for layers and measures.

const strata = ['topping', 'filling', 'seal', 'crust', 'pan', 'served'];

function pie() {
  return document.getElementById('pie');
}

function line(stratum) {
  return document.getElementById(`l-${stratum}`);
}

function typing(target) {
  return target.closest?.('input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable], .handle');
}

// Which layer a part of the drawing is of.
function stratumOf(shape) {
  if (!shape?.closest?.('#pie .cut:not(.small)')) return null;
  if (shape.closest('.handle, .word')) return null;
  if (shape.matches('.filling, .over')) return 'filling';
  if (shape.matches('.crust, .biscuit, .beyond')) return 'crust';
  if (shape.matches('.seal')) return 'seal';
  if (shape.matches('.pan, .pan-joint, .flutes')) return 'pan';
  if (shape.matches('.cream, .jelly, .glaze, .grain-top, .piece')) return 'topping';
  return null;
}

document.addEventListener('click', (event) => {
  if (event.target.closest?.('[data-keys]')) {
    document.getElementById('keys')?.showModal();
    return;
  }

  const stratum = stratumOf(event.target);
  if (stratum && pie().dataset.open !== stratum) line(stratum)?.click();
});

// The list of parts is filtered as one types; Enter takes the first that is left.
document.addEventListener('input', (event) => {
  const list = event.target.dataset?.filter && document.getElementById(event.target.dataset.filter);
  if (!list) return;
  const words = event.target.value.toLowerCase().split(/\s+/).filter(Boolean);
  for (const item of list.querySelectorAll('li:not(.picks-group)')) {
    const text = item.textContent.toLowerCase();
    item.hidden = !words.every((word) => text.includes(word));
  }
  for (const group of list.querySelectorAll('.picks-group')) {
    let next = group.nextElementSibling;
    let any = false;
    while (next && !next.classList.contains('picks-group')) {
      any ||= !next.hidden;
      next = next.nextElementSibling;
    }
    group.hidden = !any;
  }
});

document.addEventListener('change', (event) => {
  if (event.target.matches?.('[data-filter]')) event.stopPropagation();
}, true);

document.addEventListener('htmx:afterSwap', (event) => {
  if (event.target.classList?.contains('picker-body')) event.target.querySelector('[data-filter]')?.focus();
});

// A list of parts closes when the baker goes elsewhere.
document.addEventListener('click', (event) => {
  for (const open of document.querySelectorAll('.picker[open]')) if (!open.contains(event.target)) open.open = false;
});

document.addEventListener('keydown', (event) => {
  const picker = event.target.closest?.('.picker[open]');
  if (picker) {
    const items = [...picker.querySelectorAll('.picks li:not([hidden]) button')];
    const at = items.indexOf(document.activeElement);
    if (event.key === 'Escape') {
      event.preventDefault();
      picker.open = false;
      picker.querySelector('summary').focus();
    } else if (event.key === 'ArrowDown' && items.length > 0) {
      event.preventDefault();
      items[Math.min(at + 1, items.length - 1)].focus();
    } else if (event.key === 'ArrowUp' && at >= 0) {
      event.preventDefault();
      if (at === 0) picker.querySelector('[data-filter]').focus();
      else items[at - 1].focus();
    } else if (event.key === 'Enter' && event.target.matches('[data-filter]')) {
      event.preventDefault();
      items[0]?.click();
    }
    return;
  }

  if (!pie() || typing(event.target) || event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
  if (event.key === '?') {
    event.preventDefault();
    document.getElementById('keys')?.showModal();
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    const here = event.target.closest?.('.stratum-line');
    if (!here) return;
    event.preventDefault();
    const next = strata.indexOf(here.value) + (event.key === 'ArrowDown' ? 1 : -1);
    if (next >= 0 && next < strata.length) {
      line(strata[next]).focus();
      line(strata[next]).click();
    }
  } else if (event.key === '+' || event.key === '-' || event.key === '−') {
    const measure = pie().querySelector('.is-open input[data-step]');
    if (!measure) return;
    event.preventDefault();
    const now = Number.parseFloat(measure.dataset.mm ?? measure.value.replace(',', '.'));
    if (!Number.isFinite(now)) return;
    const to = Math.max(0, now + Number(measure.dataset.step) * (event.key === '+' ? 1 : -1));
    const inches = pie().querySelector('[name=inches]') && measure.dataset.mm;
    measure.value = inches ? `${Math.round(to * 2) / 2} mm` : String(Math.round(to * 2) / 2);
    measure.dispatchEvent(new Event('change', { bubbles: true }));
  }
});
