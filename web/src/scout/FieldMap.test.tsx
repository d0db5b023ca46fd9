// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import type { LandField, Spot } from '../api/types';
import { render, texts } from '../testing/render';
import { FieldMap } from './FieldMap';

const OUTLINE = [
  { lat: 47.6, lon: -29.1 },
  { lat: 47.6, lon: -29.096 },
  { lat: 47.602, lon: -29.096 },
  { lat: 47.602, lon: -29.1 },
];
const CORNER = [
  { lat: 47.6, lon: -29.098 },
  { lat: 47.6, lon: -29.096 },
  { lat: 47.601, lon: -29.096 },
];

const zone = (id: string, kind: string, outline = [] as typeof OUTLINE) =>
  ({ id, kind, name: id, outline }) as unknown as LandField['zones'][number];

const spot = (label: string, zoneId: string, retiredOn: string | null = null) =>
  ({ id: label, label, zoneId, lat: 47.601, lon: -29.098, note: null, retiredOn }) as unknown as Spot;

describe('the map of a field', () => {
  it('waits for corners where there are none yet', () => {
    expect(render(<FieldMap outline={[]} empty="Walk its edge" />).textContent).toBe('Walk its edge');
  });

  it('has the land beside it to draw by, before it has a corner of its own', () => {
    const page = render(<FieldMap outline={[]} neighbours={[{ name: 'Far Cleave', outline: OUTLINE }]} />);
    expect(texts(page, 'text')).toContain('Far Cleave');
    expect(page.querySelector('polygon[points=""]')).not.toBeNull();
  });

  it('has north, a bar of a round length, and its gate', () => {
    const page = render(<FieldMap outline={OUTLINE} gate={OUTLINE[0] as (typeof OUTLINE)[0]} />);
    expect(page.textContent).toContain('N');
    expect(texts(page, 'text')).toEqual(expect.arrayContaining([expect.stringMatching(/^(50|100) m$/)]));
    expect(page.textContent).toContain('gate');
  });

  it('draws a zone that has an outline, named where there is room, and none for one known by its spots', () => {
    const zones = [
      zone('whole field', 'main'),
      zone('wet corner', 'poor', CORNER),
      zone('by its spots', 'good'),
    ];
    const page = render(<FieldMap outline={OUTLINE} zones={zones} />);
    expect(page.querySelectorAll('polygon[stroke-dasharray="7 3"]')).toHaveLength(1);
    expect(page.textContent).toContain('wet corner');
    expect(page.textContent).not.toContain('by its spots');
  });

  it('names no strip too narrow to be read', () => {
    const narrow = [
      { lat: 47.6, lon: -29.098 },
      { lat: 47.6, lon: -29.0978 },
      { lat: 47.602, lon: -29.0978 },
    ];
    const page = render(<FieldMap outline={OUTLINE} zones={[zone('Lime, strip 1a', 'strip', narrow)]} />);
    expect(page.querySelectorAll('polygon')).toHaveLength(2);
    expect(page.textContent).not.toContain('strip 1a');
  });

  it('shows a spot by the shape of its zone, and none that was given up', () => {
    const zones = [zone('whole field', 'main'), zone('strip a', 'strip'), zone('fence', 'reference')];
    const page = render(
      <FieldMap
        outline={OUTLINE}
        zones={zones}
        spots={[
          spot('1', 'whole field'),
          spot('S1', 'strip a'),
          spot('Ref', 'fence'),
          spot('2', 'whole field', '2026-05-01'),
        ]}
      />,
    );
    const shapes = (label: string) =>
      [...(page.querySelector(`[aria-label="Spot ${label}"]`)?.children ?? [])].map((one) => one.tagName);
    expect(shapes('1')).toEqual(['circle', 'circle', 'text']);
    expect(shapes('S1')).toContain('rect');
    expect(shapes('Ref')).toContain('path');
    expect(page.querySelector('[aria-label="Spot 2"]')).toBeNull();
  });

  it('numbers spots that are proposed in the order they are walked', () => {
    const proposed = [
      { lat: 47.6005, lon: -29.099 },
      { lat: 47.6015, lon: -29.097 },
    ];
    const page = render(
      <FieldMap outline={OUTLINE} proposed={proposed} gate={OUTLINE[0] as (typeof OUTLINE)[0]} />,
    );
    expect(texts(page, 'text')).toEqual(expect.arrayContaining(['1', '2']));
    expect(page.querySelector('polyline')?.getAttribute('points')?.split(' ')).toHaveLength(3);
  });
});
