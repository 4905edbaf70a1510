// Plays a lesson: one slide after the other, by key, by button, and by touch.
(function () {
  'use strict';
  const lesson = JSON.parse(document.getElementById('lesson').textContent);
  const NS = 'http://www.w3.org/2000/svg';
  const at = lesson.steps.map(() => 0);
  let step = 0;

  const byId = id => document.getElementById(id);
  const square = name => [name.charCodeAt(0) - 97, name.charCodeAt(1) - 49];

  function make(name, attributes, parent) {
    const node = document.createElementNS(NS, name);
    Object.keys(attributes).forEach(k => node.setAttribute(k, attributes[k]));
    if (parent) {
      parent.appendChild(node);
    }
    return node;
  }

  function element(name, text, style, parent) {
    const node = document.createElement(name);
    node.textContent = text;
    if (style) {
      node.className = style;
    }
    parent.appendChild(node);
    return node;
  }

  // A board: 64 letters from a8 to h1, as FEN has them, with dots for empty squares.
  function board(men, flip, last, marks) {
    const svg = make('svg', {viewBox: '-6 0 106 106', role: 'img', 'class': 'board'});
    const x = f => 12.5 * (flip ? 7 - f : f);
    const y = r => 12.5 * (flip ? r : 7 - r);
    svg.setAttribute('data-men', men);
    svg.setAttribute('aria-label', 'Board: ' + men);
    make('rect', {x: 0, y: 0, width: 100, height: 100, 'class': 'light'}, svg);
    for (let r = 0; r < 8; r++) {
      for (let f = 0; f < 8; f++) {
        if ((f + r) % 2 === 0) {
          make('rect', {x: x(f), y: y(r), width: 12.5, height: 12.5, 'class': 'dark'}, svg);
        }
      }
    }
    last.forEach(name => {
      const [f, r] = square(name);
      make('rect', {x: x(f) + 0.5, y: y(r) + 0.5, width: 11.5, height: 11.5, 'class': 'last'}, svg);
    });
    for (let i = 0; i < 64; i++) {
      if (men[i] !== '.') {
        const white = men[i] === men[i].toUpperCase();
        make('use', {
          href: '#' + (white ? 'w' : 'b') + men[i].toLowerCase(),
          x: x(i % 8), y: y(7 - (i >> 3)), width: 12.5, height: 12.5
        }, svg);
      }
    }
    make('rect', {x: 0, y: 0, width: 100, height: 100, 'class': 'frame'}, svg);
    for (let i = 0; i < 8; i++) {
      const file = make('text', {x: x(i) + 6.25, y: 105, 'class': 'coordinate'}, svg);
      file.textContent = 'abcdefgh'[i];
      const rank = make('text', {x: -3, y: y(i) + 7.7, 'class': 'coordinate'}, svg);
      rank.textContent = String(i + 1);
    }
    marks.forEach(mark => {
      const points = mark.squares.map(name => {
        const [f, r] = square(name);
        return [x(f) + 6.25, y(r) + 6.25];
      });
      if (points.length > 1) {
        make('polyline', {
          points: points.map(p => p.join(',')).join(' '), 'class': 'arrow ' + mark.meaning,
          'marker-end': 'url(#head)'
        }, svg);
      } else {
        make('circle', {cx: points[0][0], cy: points[0][1], r: 5, 'class': 'mark ' + mark.meaning}, svg);
      }
    });
    return svg;
  }

  // A move without what may be left out: captures, checks, signs.
  const plain = move => move.replace(/[x+#!?=\s]/g, '').replace(/0/g, 'O');

  function ask(question, place) {
    const told = document.createElement('p');
    told.id = 'told';
    told.setAttribute('role', 'status');
    const say = choice => {
      told.textContent = choice ? choice.outcome + ': ' + choice.text + '. ' + choice.words : question.other;
    };
    if (question.named) {
      question.choices.forEach((choice, i) => {
        const button = element('button', (i + 1) + '  ' + choice.text, 'choice', place);
        button.addEventListener('click', () => say(choice));
      });
    } else if (question.byMove) {
      const row = element('form', '', 'answer', place);
      const field = element('input', '', '', row);
      field.id = 'answer';
      field.setAttribute('aria-label', 'Your move');
      field.setAttribute('placeholder', 'your move, such as Nf3');
      field.setAttribute('autocomplete', 'off');
      element('button', 'Answer', '', row);
      row.addEventListener('submit', e => {
        e.preventDefault();
        if (field.value.trim()) {
          say(question.choices.find(c => plain(c.text) === plain(field.value)));
        }
      });
    }
    place.appendChild(told);
  }

  function show() {
    const now = lesson.steps[step];
    const slide = now.slides[at[step]];
    byId('step').textContent = 'Step ' + (step + 1) + ' of ' + lesson.steps.length;
    byId('title').textContent = now.title;
    byId('prompt').textContent = slide.prompt === now.title ? '' : slide.prompt;
    const boards = byId('boards');
    boards.replaceChildren(board(slide.men, now.flip, slide.last, slide.marks));
    const table = slide.beside.some(b => b.cells.length);
    if (!table && !slide.rows.length) {
      slide.beside.forEach(b => boards.appendChild(board(b.men, now.flip, [], [])));
    }
    boards.className = 'boards' + boards.childElementCount;
    const lines = byId('lines');
    lines.replaceChildren();
    slide.rows.forEach(row => {
      const line = element('p', row.before ? row.before + ' ' : '', row.present ? 'present' : 'past', lines);
      element('b', row.last, '', line);
    });
    const changed = byId('changed');
    changed.replaceChildren();
    slide.beside.slice(0, slide.told).forEach(b => {
      const row = element('p', b.words, '', changed);
      b.cells.forEach(c => element('span', c.move + ' ' + c.becomes, 'cell', row));
    });
    byId('words').textContent = slide.words;
    const question = byId('question');
    question.replaceChildren();
    if (slide.ask) {
      ask(slide.ask, question);
    }
    const end = at[step] + 1 >= now.slides.length;
    byId('next').textContent = slide.ask ? 'Show the answer' : end ? 'Next step' : 'Next';
    byId('next').disabled = end && step + 1 >= lesson.steps.length;
    byId('back').disabled = step === 0 && at[0] === 0;
    Array.from(byId('steps').children).forEach((b, i) => {
      b.setAttribute('aria-current', i === step ? 'step' : 'false');
    });
  }

  function next() {
    if (at[step] + 1 < lesson.steps[step].slides.length) {
      at[step]++;
    } else if (step + 1 < lesson.steps.length) {
      step++;
    }
    show();
  }

  function back() {
    if (at[step] > 0) {
      at[step]--;
    } else if (step > 0) {
      step--;
    }
    show();
  }

  lesson.steps.forEach((s, i) => {
    const button = element('button', String(i + 1), '', byId('steps'));
    button.title = s.title;
    button.addEventListener('click', () => { step = i; show(); });
  });
  byId('next').addEventListener('click', next);
  byId('back').addEventListener('click', back);
  document.addEventListener('keydown', e => {
    if (e.target.tagName === 'INPUT' || e.ctrlKey || e.altKey || e.metaKey) {
      return;
    }
    const button = e.target.tagName === 'BUTTON';
    if (['ArrowRight', 'PageDown'].includes(e.key) || e.key === ' ' && !button) {
      e.preventDefault();
      next();
    } else if (['ArrowLeft', 'PageUp'].includes(e.key)) {
      e.preventDefault();
      back();
    } else if (e.key === 'Home') {
      e.preventDefault();
      at[step] = 0;
      show();
    } else if (e.key === 'End') {
      e.preventDefault();
      at[step] = lesson.steps[step].slides.length - 1;
      show();
    }
  });
  let from = null;
  byId('boards').addEventListener('touchstart', e => { from = e.changedTouches[0].clientX; }, {passive: true});
  byId('boards').addEventListener('touchend', e => {
    const by = e.changedTouches[0].clientX - from;
    if (Math.abs(by) > 30) {
      (by < 0 ? next : back)();
    }
  });
  show();
})();
