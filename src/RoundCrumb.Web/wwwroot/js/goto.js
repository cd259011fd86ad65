// The one field on the bar: what is found stands under it, arrows choose, Enter goes there, Escape closes. Without this it is a search page.

const field = document.getElementById('go');
const found = document.getElementById('go-found');

function options() {
  return [...found.querySelectorAll('[role=option]')];
}

function show(open) {
  found.hidden = !open;
  field.setAttribute('aria-expanded', String(open && options().length > 0));
  if (!open) field.removeAttribute('aria-activedescendant');
}

function choose(index) {
  const all = options();
  if (all.length === 0) return;
  const at = (index + all.length) % all.length;
  all.forEach((option, i) => option.setAttribute('aria-selected', String(i === at)));
  field.setAttribute('aria-activedescendant', all[at].id);
  all[at].scrollIntoView({ block: 'nearest' });
}

function chosen() {
  return options().findIndex((option) => option.getAttribute('aria-selected') === 'true');
}

function typing(target) {
  return target.closest?.('input, textarea, select, [contenteditable]');
}

if (field && found) {
  document.addEventListener('keydown', (event) => {
    const slash = event.key === '/' && !event.ctrlKey && !event.metaKey && !event.altKey && !typing(event.target);
    const k = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k';
    if ((!slash && !k) || document.querySelector('dialog[open]')) return;
    event.preventDefault();
    field.focus();
    field.select();
  });

  found.addEventListener('htmx:afterSwap', () => {
    const any = field.value.trim().length > 0;
    show(any);
    if (any) choose(0);
  });

  field.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') {
      if (!found.hidden) event.preventDefault();
      show(false);
      return;
    }

    if (found.hidden) return;
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      choose(chosen() + (event.key === 'ArrowDown' ? 1 : -1));
    } else if (event.key === 'Enter' && found.dataset.of === field.value.trim()) {
      const option = options()[chosen()];
      if (!option) return;
      event.preventDefault();
      window.location.assign(option.dataset.go);
    }
  });

  // Enter goes to what stands under the field only when that is of what is typed by now.
  found.addEventListener('htmx:beforeSwap', (event) => {
    found.dataset.of = new URL(event.detail.xhr.responseURL).searchParams.get('q')?.trim() ?? '';
  });
  found.addEventListener('pointerdown', (event) => event.preventDefault());
  found.addEventListener('click', (event) => {
    const option = event.target.closest('[role=option]');
    if (option) window.location.assign(option.dataset.go);
  });
  field.addEventListener('focus', () => show(options().length > 0 && field.value.trim().length > 0));
  field.addEventListener('blur', () => show(false));
}
