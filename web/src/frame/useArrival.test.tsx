// @vitest-environment happy-dom
import { act } from 'react';
import { Link, Route, Routes, useNavigate } from 'react-router';
import { beforeEach, expect, it, vi } from 'vitest';
import { live, press } from '../testing/live';
import { useArrival } from './useArrival';

const scrolled = vi.fn();

beforeEach(() => {
  document.body.replaceChildren();
  scrolled.mockClear();
  vi.stubGlobal('scrollTo', (_: number, to: number) => {
    scrolled(to);
    vi.stubGlobal('scrollY', to);
  });
  vi.stubGlobal('scrollY', 0);
});

function Pages() {
  useArrival();
  const navigate = useNavigate();
  return (
    <main id="page" tabIndex={-1}>
      <button type="button" onClick={() => void navigate('/decide')}>
        Decide
      </button>
      <button type="button" onClick={() => void navigate('?spot=2')}>
        Spot 2
      </button>
      <button type="button" onClick={() => void navigate(-1)}>
        Back
      </button>
      <Routes>
        <Route path="/" element={<Link to="/decide">first</Link>} />
        <Route path="*" element={<p>second</p>} />
      </Routes>
    </main>
  );
}

async function scrollTo(to: number) {
  vi.stubGlobal('scrollY', to);
  await act(async () => globalThis.dispatchEvent(new Event('scroll')));
}

it('a new page begins at its top, with the keyboard in it', async () => {
  const page = await live(<Pages />);
  await scrollTo(700);
  await press(page, 'Decide');
  expect(scrolled).toHaveBeenLastCalledWith(0);
  expect(document.activeElement?.id).toBe('page');
});

it('a page gone back to stands where it was left', async () => {
  const page = await live(<Pages />);
  await scrollTo(700);
  await press(page, 'Decide');
  await press(page, 'Back');
  expect(page.textContent).toContain('first');
  expect(scrolled).toHaveBeenLastCalledWith(700);
});

it('a page opened by its address begins at its top, wherever another one stood', async () => {
  await live(<Pages />);
  await scrollTo(700);
  scrolled.mockClear();
  await live(<Pages />, '/measure');
  expect(scrolled).not.toHaveBeenCalledWith(700);
});

it('a page loaded again stands where it stood', async () => {
  await live(<Pages />, '/measure?spot=2');
  await scrollTo(700);
  await live(<Pages />, '/measure?spot=2');
  expect(scrolled).toHaveBeenLastCalledWith(700);
});

it('another spot on the same page moves nothing', async () => {
  const page = await live(<Pages />);
  await scrollTo(700);
  scrolled.mockClear();
  await press(page, 'Spot 2');
  expect(scrolled).not.toHaveBeenCalled();
});
