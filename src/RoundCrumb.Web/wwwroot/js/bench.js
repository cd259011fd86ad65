// The bench: what is ticked goes into a queue on this device first and to the kitchen computer when it answers. Clocks are
// instants; this page only says how far off they are.

const bench = document.getElementById('bench');
const run = bench.dataset.run;
const queueKey = `roundcrumb.bench.${run}`;
const takenKey = `roundcrumb.taken.${run}`;
const rungKey = `roundcrumb.rung.${run}`;
const offsetKey = 'roundcrumb.offset';
const lineState = document.getElementById('line-state');
const title = document.title;

// ---- what this device keeps ----

const memory = new Map();

function kept(key, otherwise) {
  try {
    const text = memory.get(key) ?? window.localStorage.getItem(key);
    return text === null || text === undefined ? otherwise : JSON.parse(text);
  } catch {
    return otherwise;
  }
}

function keep(key, value) {
  const text = JSON.stringify(value);
  try {
    window.localStorage.setItem(key, text);
    memory.delete(key);
    return true;
  } catch {
    // No room left on the device: it stays as long as the page is open.
    memory.set(key, text);
    return false;
  }
}

function uuid() {
  if (window.crypto.randomUUID) return window.crypto.randomUUID();
  const b = window.crypto.getRandomValues(new Uint8Array(16));
  b[6] = (b[6] & 0x0f) | 0x40;
  b[8] = (b[8] & 0x3f) | 0x80;
  const hex = [...b].map((x) => x.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

const device = kept('roundcrumb.device', null) ?? uuid().slice(0, 8);
keep('roundcrumb.device', device);
const ways = kept('roundcrumb.ways', { sound: true, voice: false, next: 'PageDown', back: 'PageUp' });

// ---- the line to the kitchen computer ----

let offline = false;
let hasNoRoom = false;
let sending = false;
let retry = 0;
let again = null;

// What the clock of this run showed when the page last heard of it, and how fast it goes: once as fast, or faster in a rehearsal.
const clock = { at: 0, heard: 0, speed: 1 };
const now = () => clock.at + (Date.now() - clock.heard) * clock.speed;

function setClock() {
  const state = document.getElementById('bench-state').dataset;
  Object.assign(clock, { at: Number(state.now), heard: Date.now(), speed: Number(state.speed) });
  if (clock.speed === 1) keep(offsetKey, clock.at - clock.heard);
}

// Nothing tells a page that this device kept, seconds or hours ago, from one that has just come: what the kitchen's clock says is known
// from its last live answer, and asked anew at once. Only the first page of all is believed itself.
const isRehearsal = document.querySelector('.rehearsal') !== null;
const offsetBefore = kept(offsetKey, null);
const asksTheTime = !isRehearsal && offsetBefore !== null;
if (asksTheTime) Object.assign(clock, { at: Date.now() + offsetBefore, heard: Date.now() });
else setClock();
const queue = () => kept(queueKey, []);

function tellLine(words) {
  if (lineState.textContent !== words) lineState.textContent = words;
  lineState.hidden = words.length === 0;
}

function standing() {
  const waiting = queue().length;
  if (hasNoRoom && waiting > 0) tellLine('This device has no room left to keep what you tick. Leave this page open until it is sent.');
  else if (!offline) tellLine('');
  else tellLine(waiting > 0
    ? `No answer from the kitchen computer. ${waiting === 1 ? 'One thing is' : `${waiting} things are`} kept on this device and sent when it is back; clocks go on.`
    : 'No answer from the kitchen computer. Go on: what you tick is kept on this device, and clocks go on.');
}

function send(deed) {
  const event = { id: uuid(), at: new Date().toISOString(), deed };
  hasNoRoom = !keep(queueKey, [...queue(), event]);
  apply(deed);
  standing();
  flush();
  return event;
}

async function post(events) {
  const answer = await fetch(bench.dataset.events, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ device, baker: bench.dataset.baker, sentAt: new Date().toISOString(), events }),
  });
  if (answer.status === 400 || answer.status === 404 || answer.status === 415) return { lost: answer.status };
  if (!answer.ok) throw new Error(String(answer.status));
  return answer.json();
}

async function flush() {
  if (sending) return;
  sending = true;
  window.clearTimeout(again);
  try {
    while (queue().length > 0) {
      const some = queue().slice(0, 200);
      let answer = await post(some);
      if (answer.lost && some.length > 1) answer = await oneByOne(some);
      const gone = answer.lost ? some.map((e) => e.id) : [...answer.kept, ...answer.refused.map((r) => r.id)];
      if (answer.lost) say('The kitchen computer could not read that, so it is not kept. Do it once more.');
      else if (answer.refused.length > 0) say(answer.refused.map((r) => r.why).join(' '));
      if (gone.length === 0) break;
      keepTaken(some.filter((e) => answer.kept?.includes(e.id)));
      keep(queueKey, queue().filter((e) => !gone.includes(e.id)));
    }

    back();
    refresh();
  } catch {
    away();
  } finally {
    sending = false;
  }
}

// What the kitchen computer has taken and no page that is kept here shows yet: it is applied where such a page is opened again.
function keepTaken(events, shownAt = 0) {
  if (isRehearsal) return;
  const offset = kept(offsetKey, 0);
  const taken = [...kept(takenKey, []), ...events.map((e) => ({ at: Date.now(), deed: e.deed }))];
  keep(takenKey, taken.filter((e) => e.at + offset > shownAt).slice(-300));
}

async function oneByOne(events) {
  const all = { kept: [], refused: [] };
  for (const event of events) {
    const answer = await post([event]);
    if (answer.lost) all.refused.push({ id: event.id, why: 'One thing could not be read and is not kept. Do it once more.' });
    else {
      all.kept.push(...answer.kept);
      all.refused.push(...answer.refused);
    }
  }

  return all;
}

function away() {
  offline = true;
  retry = Math.min(15, retry + 2);
  window.clearTimeout(again);
  again = window.setTimeout(() => (queue().length > 0 ? flush() : refresh()), retry * 1000);
  standing();
}

function back() {
  offline = false;
  retry = 0;
  standing();
}

// ---- what others do ----

let refreshing = false;
let wanted = false;

async function refresh() {
  if (refreshing) {
    wanted = true;
    return;
  }

  refreshing = true;
  try {
    do {
      wanted = false;
      const answer = await fetch(bench.dataset.live, { headers: { 'HX-Request': 'true' } });
      if (!answer.ok) throw new Error(String(answer.status));
      const text = await answer.text();

      // What is still in the queue is not in the answer: it is looked for again once it is sent.
      if (queue().length > 0) break;
      if (pressing) {
        wanted = false;
        window.setTimeout(refresh, 500);
      } else {
        show(text);
        keepLive(text);
        keepPage();
      }
    } while (wanted);
    back();
  } catch {
    away();
  } finally {
    refreshing = false;
  }
}

// ---- opened again while nobody answers ----

const pagesKept = 'roundcrumb-bench';
let pageKeptAt = 0;

const liveKey = `roundcrumb.live.${run}.${bench.dataset.baker}`;

// What of the page changes is kept each time, so that a page that was kept before is brought up to it.
function keepLive(text) {
  if (isRehearsal) return;
  try {
    for (const old of Object.keys(window.localStorage))
      if (old.startsWith('roundcrumb.live.') && old !== liveKey || old.startsWith('roundcrumb.taken.') && old !== takenKey)
        window.localStorage.removeItem(old);
    window.localStorage.setItem(liveKey, text);
    keepTaken([], Number(/data-now="(\d+)"/.exec(text)?.[1] ?? 0));
  } catch {
    // No room: the page that was kept has to do.
  }
}

function bringUp() {
  let text = null;
  try {
    if (!isRehearsal) text = window.localStorage.getItem(liveKey);
  } catch {
    // Nothing may be kept on this device.
  }

  const seq = Number(/data-seq="(\d+)"/.exec(text ?? '')?.[1] ?? 0);
  if (seq <= Number(document.getElementById('bench-state').dataset.seq)) return;
  document.getElementById('bench-live').innerHTML = text;
  window.htmx?.process(document.getElementById('bench-live'));
}

// The page, and what belongs to it, for when it is opened again without an answer. Not every tick is worth a page.
async function keepPage() {
  if (isRehearsal || !navigator.serviceWorker || !window.caches || Date.now() - pageKeptAt < 20000) return;
  pageKeptAt = Date.now();
  try {
    const cache = await window.caches.open(pagesKept);
    const here = window.location.pathname;
    for (const old of await cache.keys()) {
      if (/^\/bench\/\d+/.test(new URL(old.url).pathname) && new URL(old.url).pathname !== here) await cache.delete(old);
    }

    const parts = performance.getEntriesByType('resource').map((r) => new URL(r.name))
      .filter((u) => u.origin === window.location.origin && !u.pathname.startsWith('/api/') && !u.searchParams.has('handler'));
    await cache.addAll([...new Set([window.location.href, ...parts.map((u) => u.href)])]);
  } catch {
    // No room, or no answer just now: the next time will do.
  }
}

async function readyForReload() {
  try {
    await navigator.serviceWorker?.ready;
    await keepPage();
  } catch {
    // Without it the bench goes on as long as its page is open.
  }
}

// A button that is replaced while it is being pressed would not be pressed at all.
let pressing = false;
document.addEventListener('pointerdown', () => (pressing = true));
for (const over of ['pointerup', 'pointercancel']) document.addEventListener(over, () => window.setTimeout(() => (pressing = false)));

// What was begun and not sent yet stays, whoever presses something meanwhile: a field that holds something else than it was shown with
// is carried over, and one whose step is not shown just now gets its words back when it is shown again.
const begun = new Map();
const fieldKey = (field) => {
  const task = field.closest('[data-task]')?.dataset.task;
  return task ? [task, field.form?.dataset.read ?? '', field.name].join('/') : field.id || field.name;
};
const typedFields = (live) => [...live.querySelectorAll('input:not([type=checkbox]):not([type=hidden]):not([type=radio]), textarea')];

function takeBegun(live) {
  for (const field of typedFields(live)) {
    if (field.value !== field.defaultValue) begun.set(fieldKey(field), field.value);
    else begun.delete(fieldKey(field));
  }
}

function giveBegun(live) {
  for (const field of typedFields(live)) {
    const words = begun.get(fieldKey(field));
    if (words !== undefined) field.value = words;
  }
}

function show(text) {
  const live = document.getElementById('bench-live');
  takeBegun(live);
  const open = [...live.querySelectorAll('details[open][data-keep]')].map((d) => d.dataset.keep);
  const at = document.activeElement?.closest?.('#bench-live') ? document.activeElement : null;
  const [id, deed] = [at?.id, at?.dataset?.deed];
  const done = at?.matches?.('[data-done]');
  const caret = at?.matches?.('input, textarea') ? [fieldKey(at), at.selectionStart, at.selectionEnd] : null;
  const task = current()?.dataset.task;
  live.innerHTML = text;
  giveBegun(live);
  window.htmx.process(live);
  for (const details of live.querySelectorAll('details[data-keep]')) details.open ||= open.includes(details.dataset.keep);
  setClock();
  const same = (id && document.getElementById(id)) || (deed && live.querySelector(`[data-deed="${CSS.escape(deed)}"]`))
    || (done && current()?.querySelector('[data-done]'));
  const typing = caret && typedFields(live).find((field) => fieldKey(field) === caret[0]);
  if (typing) {
    typing.focus({ preventScroll: true });
    try {
      typing.setSelectionRange(caret[1], caret[2]);
    } catch {
      // A field for numbers has no place in its words.
    }
  } else if (same) same.focus({ preventScroll: true });
  stand();
  if (current()?.dataset.task !== task) speakStep();
}

function stand() {
  bowls();
  tick();
  showReadings();

  // So far behind that the rest is put on the clock again without being asked; the baker says whether it is to be so.
  const late = document.querySelector('form[data-late="now"]');
  if (late && !offline) {
    delete late.dataset.late;
    window.htmx.trigger(late, 'submit');
  }
}

document.addEventListener('htmx:afterSettle', (event) => {
  if (event.target.id !== 'bench-live') return;
  setClock();
  stand();
});

let stream = null;
let heard = Date.now();

function listen() {
  stream?.close();
  const from = document.getElementById('bench-state')?.dataset.seq ?? bench.dataset.seq;
  stream = new EventSource(`${bench.dataset.stream}?after=${from}`);
  const alive = () => {
    heard = Date.now();
    if (offline) flush();
  };
  stream.addEventListener('alive', alive);
  stream.addEventListener('deed', (event) => {
    alive();
    const seen = JSON.parse(event.data);
    bench.dataset.seen = String(seen.seq);
    refresh();
  });
  stream.addEventListener('reading', (event) => {
    heard = Date.now();
    live.set(JSON.parse(event.data).device, { ...JSON.parse(event.data).reading, heard: Date.now() });
    showReadings();
  });
  stream.addEventListener('error', () => {
    if (stream.readyState === EventSource.CLOSED) window.setTimeout(listen, 3000);
    away();
  });
}

// ---- what a scale or a probe reads just now ----

const live = new Map();
const silentAfter = 5000;

function lastOf(quantity) {
  const some = [...live.values()].filter((r) => r.quantity === quantity && Date.now() - r.heard < silentAfter);
  return some.sort((a, b) => b.heard - a.heard)[0];
}

function inTheirUnits(reading, unit) {
  if (unit === 'oz') return (reading.value / 28.349523125).toFixed(2);
  if (unit === 'F') return (reading.value * 1.8 + 32).toFixed(1);
  return unit === 'g' ? String(Math.round(reading.value)) : reading.value.toFixed(1);
}

function showReadings() {
  for (const form of document.querySelectorAll('.read-form')) {
    const unit = form.dataset.unit;
    const reading = lastOf(unit === 'g' || unit === 'oz' ? 'weight' : 'temperature');
    const hold = form.querySelector('[data-hold]');
    hold.hidden = !reading;
    if (!reading) continue;
    hold.dataset.value = inTheirUnits(reading, unit);
    const words = `Hold ${hold.dataset.value} ${unit === 'F' || unit === 'C' ? `°${unit}` : unit}`;
    if (hold.textContent !== words) hold.textContent = words;
  }

  const scale = lastOf('weight');
  for (const said of document.querySelectorAll('.scale-says')) {
    said.hidden = !scale;
    if (scale) said.textContent = `scale: ${Math.round(scale.value)} g`;
  }
}

document.addEventListener('click', (event) => {
  const hold = event.target.closest('[data-hold]');
  if (!hold) return;
  hold.form.elements.value.value = hold.dataset.value;
  hold.form.requestSubmit();
});
window.setInterval(showReadings, 1000);

window.setInterval(() => {
  if (Date.now() - heard > 45000) {
    heard = Date.now();
    listen();
  }
}, 5000);
window.addEventListener('online', () => flush());
window.addEventListener('offline', () => away());
window.addEventListener('pagehide', () => stream?.close());

// ---- what is done shows at once, whether it is sent yet or not ----

function current() {
  return document.querySelector('#bench-live .task[data-task]:not([hidden])');
}

function apply(deed) {
  if (deed.kind === 'ticked') {
    const card = document.querySelector(`.task[data-task="${CSS.escape(deed.task)}"]`);
    for (const clock of document.querySelectorAll(`.clock[data-before="${CSS.escape(deed.task)}"]`)) clock.remove();
    if (card) {
      for (const start of JSON.parse(card.dataset.starts || '[]')) startClock(start.id, start.name, now() + start.minutes * 60000, 'oven');
      const next = card.nextElementSibling;
      card.remove();
      const nextCard = current() ?? (next?.matches('.task') ? next : document.querySelector('#bench-live .task[data-task]'));
      if (nextCard) {
        nextCard.hidden = false;
        nextCard.querySelector('[data-done]')?.focus({ preventScroll: true });
        speakStep();
      }
    }
  } else if (deed.kind === 'started' && isRehearsal) {
    const button = document.querySelector(`.task[data-task="${CSS.escape(deed.task)}"] [data-done]`);
    if (button) button.disabled = true;
  } else if (deed.kind === 'not-yet') {
    const clock = document.querySelector(`.clock[data-clock="${CSS.escape(deed.clock)}"]`);
    if (clock) clock.dataset.due = String(Math.max(Number(clock.dataset.due), 0) + deed.minutes * 60000);
  } else if (deed.kind === 'clock-stopped') {
    document.querySelector(`.clock[data-clock="${CSS.escape(deed.clock)}"]`)?.remove();
  } else if (deed.kind === 'clock-set') {
    startClock('', deed.name, now() + deed.minutes * 60000, 'own');
  }

  tick();
}

function startClock(id, name, due, kind) {
  const list = document.querySelector('.clocks');
  const item = document.createElement('li');
  item.className = 'clock';
  Object.assign(item.dataset, { clock: id, before: id, due: String(Math.round(due)), kind });
  const left = document.createElement('strong');
  left.className = 'left';
  const words = document.createElement('span');
  words.className = 'clock-name';
  words.textContent = name;
  item.append(left, words);
  list.append(item);
}

function say(words) {
  document.getElementById('status').textContent = words;
}

document.addEventListener('click', async (event) => {
  const button = event.target.closest('button[data-deed]');
  if (!button) return;
  event.preventDefault();
  wakeSound();
  for (const deed of [JSON.parse(button.dataset.deed)].flat()) send(deed);
  if (button.dataset.goes) {
    for (let i = 0; i < 50 && queue().length > 0; i++) await new Promise((go) => window.setTimeout(go, 100));
    if (queue().length === 0) window.location.assign(button.dataset.goes);
  }
});

document.addEventListener('change', (event) => {
  const line = event.target.closest('[data-line]');
  if (!line) return;
  bowls();
  send({ kind: 'line', task: line.closest('[data-task]').dataset.task, line: line.dataset.line, in: line.checked });
});

document.addEventListener('submit', (event) => {
  const form = event.target;
  if (form.matches('.read-form')) {
    event.preventDefault();
    const field = form.elements.value;
    const value = number(field.value);
    if (value === null) {
      field.setAttribute('aria-invalid', 'true');
      say(`“${field.value}” is no number. Type what it reads, such as 412.`);
      return;
    }

    field.removeAttribute('aria-invalid');
    field.defaultValue = field.value;
    field.blur();
    send({ kind: 'measured', task: form.dataset.task, of: form.dataset.read[0].toLowerCase() + form.dataset.read.slice(1), value: inKitchenUnits(value, form.dataset.unit) });
  } else if (form.matches('.note-form')) {
    event.preventDefault();
    const words = form.elements.words.value.trim();
    if (words.length === 0) return;
    send({ kind: 'noted', task: form.dataset.task, words });
    form.reset();
    form.elements.words.blur();
  } else if (form.id === 'own-clock') {
    event.preventDefault();
    const minutes = number(form.elements.minutes.value);
    const trouble = document.getElementById('own-trouble');
    trouble.hidden = minutes !== null && minutes > 0 && minutes <= 1440;
    if (!trouble.hidden) {
      trouble.textContent = 'How many minutes? A number such as 12, up to a day.';
      return;
    }

    wakeSound();
    send({ kind: 'clock-set', name: form.elements.name.value.trim() || 'clock', minutes });
    form.reset();
  }
});

function number(text) {
  const value = Number.parseFloat(text.trim().replace(',', '.'));
  return /^-?[\d.,\s]+$/.test(text.trim()) && Number.isFinite(value) ? value : null;
}

function inKitchenUnits(value, unit) {
  return unit === 'oz' ? value * 28.349523125 : unit === 'F' ? (value - 32) / 1.8 : value;
}

function bowls() {
  for (const card of document.querySelectorAll('.task[data-task]')) {
    const sum = [...card.querySelectorAll('[data-line]:checked')].reduce((all, l) => all + Number(l.dataset.grams), 0);
    const bowl = card.querySelector('[data-bowl]');
    if (bowl) bowl.textContent = bowl.dataset.ounces ? `${(sum / 28.349523125).toFixed(1)} oz` : `${Math.round(sum)} g`;
  }
}

// ---- clocks ----

const rung = new Set(kept(rungKey, []));

function howLong(ms) {
  const seconds = Math.max(0, Math.round(ms / 1000));
  const two = (n) => String(n).padStart(2, '0');
  return seconds >= 3600
    ? `${Math.floor(seconds / 3600)} h ${two(Math.floor((seconds % 3600) / 60))}`
    : `${Math.floor(seconds / 60)}:${two(seconds % 60)}`;
}

function tick() {
  const at = now();
  const due = [];
  for (const clock of document.querySelectorAll('.clock')) {
    const left = Number(clock.dataset.due) - at;
    clock.querySelector('.left').textContent = left > 0 ? howLong(left) : left > -60000 ? 'now' : `${Math.floor(-left / 60000)} min over`;
    clock.classList.toggle('due', left <= 0);
    if (left > 0) continue;
    due.push(clock);
    const key = `${clock.dataset.clock}@${clock.dataset.due}`;
    if (clock.dataset.clock && !rung.has(key)) {
      rung.add(key);
      keep(rungKey, [...rung].slice(-200));
      ring(clock);
    }
  }

  const loud = due.filter((c) => c.dataset.kind !== 'wait');
  document.title = loud.length > 0 ? `● ${loud[0].querySelector('.clock-name').textContent}` : title;
  const wall = document.getElementById('wall');
  const zone = wall?.textContent.length === 5 ? wallOffset : null;
  if (wall && zone !== null) wall.textContent = new Date(at + zone).toISOString().slice(11, 16);
}

// What the kitchen's wall says less what a day at Greenwich says, taken from what the page came with: its words and its moment, however
// long ago that was.
let wallOffset = null;
function readWall() {
  const wall = document.getElementById('wall');
  const match = /^(\d\d):(\d\d)$/.exec(wall?.textContent ?? '');
  if (!match) return;
  const day = new Date(Number(document.getElementById('bench-state').dataset.now));
  const there = (Number(match[1]) * 60 + Number(match[2])) * 60000;
  const here = (day.getUTCHours() * 60 + day.getUTCMinutes()) * 60000;
  wallOffset = there - here;
}

let sound = null;

function wakeSound() {
  if (!ways.sound) return;
  sound ??= window.AudioContext ? new window.AudioContext() : null;
  sound?.resume?.();
}

function ring(clock) {
  const quiet = clock.dataset.kind === 'wait';
  if (ways.sound && sound) {
    for (let i = 0; i < (quiet ? 1 : 4); i++) {
      const tone = sound.createOscillator();
      const loud = sound.createGain();
      tone.frequency.value = quiet ? 520 : 880;
      loud.gain.value = quiet ? 0.08 : 0.25;
      tone.connect(loud).connect(sound.destination);
      tone.start(sound.currentTime + i * 0.4);
      tone.stop(sound.currentTime + i * 0.4 + 0.22);
    }
  }

  if (!quiet && window.navigator.userActivation?.hasBeenActive) window.navigator.vibrate?.([300, 150, 300]);
  bench.dataset.rang = String(Number(bench.dataset.rang ?? 0) + 1);
  speak(`${clock.querySelector('.clock-name').textContent} is due`);
}

// ---- voice, keys, and a screen that stays awake ----

function speak(words) {
  if (!ways.voice || !window.speechSynthesis) return;
  const said = new SpeechSynthesisUtterance(words);
  said.lang = 'en-GB';
  window.speechSynthesis.speak(said);
}

function speakStep() {
  const card = current();
  if (card) speak(`${card.querySelector('h2').textContent}. ${card.querySelector('.task-do')?.textContent ?? ''}`);
}

const soundWay = document.getElementById('way-sound');
const voiceWay = document.getElementById('way-voice');
soundWay.checked = ways.sound;
voiceWay.checked = ways.voice;
soundWay.addEventListener('change', () => {
  ways.sound = soundWay.checked;
  keep('roundcrumb.ways', ways);
  wakeSound();
});
voiceWay.addEventListener('change', () => {
  ways.voice = voiceWay.checked;
  keep('roundcrumb.ways', ways);
  if (ways.voice) speakStep();
  else window.speechSynthesis?.cancel();
});

const keyNames = { PageDown: 'Page down', PageUp: 'Page up', ' ': 'Space' };
let choosing = null;
for (const way of ['next', 'back']) {
  const button = document.getElementById(`way-${way}`);
  button.textContent = keyNames[ways[way]] ?? ways[way];
  button.addEventListener('click', () => {
    choosing = way;
    button.textContent = 'press a key';
  });
}

document.addEventListener('keydown', (event) => {
  if (choosing) {
    event.preventDefault();
    if (event.key !== 'Escape') ways[choosing] = event.key;
    keep('roundcrumb.ways', ways);
    document.getElementById(`way-${choosing}`).textContent = keyNames[ways[choosing]] ?? ways[choosing];
    choosing = null;
    return;
  }

  if (event.target.matches?.('input:not([type=checkbox]), select, textarea') || event.ctrlKey || event.altKey || event.metaKey) return;
  if (event.key === ways.next) {
    event.preventDefault();
    current()?.querySelector('[data-done]')?.click();
  } else if (event.key === ways.back) {
    event.preventDefault();
    document.querySelector('[data-undo]')?.click();
  }
});

async function stayAwake() {
  try {
    await window.navigator.wakeLock?.request('screen');
  } catch {
    // The device lets its screen go dark; nothing else depends on it.
  }
}

document.addEventListener('visibilitychange', () => {
  if (document.visibilityState !== 'visible') return;
  stayAwake();
  flush();
});

// What is not sent yet is done all the same, also when the page is opened again.
bringUp();
const shownAt = Number(document.getElementById('bench-state').dataset.now);
if (!isRehearsal) for (const event of kept(takenKey, [])) if (event.at + (offsetBefore ?? 0) > shownAt) apply(event.deed);
for (const event of queue()) apply(event.deed);
readWall();
bowls();
tick();

// After htmx has read the page: before that it would not know what to send.
document.addEventListener('DOMContentLoaded', stand);
window.setInterval(tick, isRehearsal ? 250 : 1000);

// In a rehearsal much goes on that is no event: what is in the oven takes colour, waiting is skipped.
if (isRehearsal) window.setInterval(() => (clock.speed > 1 && document.visibilityState === 'visible' ? refresh() : null), 1500);
stayAwake();
listen();
readyForReload();
if (queue().length > 0) flush();
else if (asksTheTime) refresh();
