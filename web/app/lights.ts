import { type ThemeConfig, theme } from 'antd';
import { machineShelf } from './machine/storage';

/** The lights of the house: lamp for planning, dusk for a dim hall, day for a park in the sun. Every colour on a screen is one of these. */
export const LIGHT_NAMES = ['lamp', 'dusk', 'day'] as const;
export type LightName = (typeof LIGHT_NAMES)[number];

interface Light {
  readonly paper: string;
  readonly sheet: string;
  readonly well: string;
  readonly ink: string;
  /** Limbs on the far side of a figure. */
  readonly inkFar: string;
  readonly faded: string;
  readonly rule: string;
  readonly amber: string;
  readonly amberInk: string;
  readonly reed: string;
  readonly clay: string;
  readonly plum: string;
}

export const LIGHTS: Readonly<Record<LightName, Light>> = {
  lamp: {
    paper: '#f6f1e6',
    sheet: '#fdfaf3',
    well: '#ece4d3',
    ink: '#232742',
    inkFar: '#8f8b93',
    faded: '#5d5c66',
    rule: '#d8cfbb',
    amber: '#c9822b',
    amberInk: '#85500f',
    reed: '#46644f',
    clay: '#9c4632',
    plum: '#5b4b7a',
  },
  dusk: {
    paper: '#1b1b33',
    sheet: '#24243f',
    well: '#2e2d4c',
    ink: '#f1eadb',
    inkFar: '#8d88a3',
    faded: '#b6b1c2',
    rule: '#403e61',
    amber: '#e0a04a',
    amberInk: '#efb96d',
    reed: '#93bb9c',
    clay: '#eb9a83',
    plum: '#bba9dc',
  },
  day: {
    paper: '#ffffff',
    sheet: '#ffffff',
    well: '#e9eef2',
    ink: '#000000',
    inkFar: '#7c7c7c',
    faded: '#333333',
    rule: '#8a8a8a',
    amber: '#a85c00',
    amberInk: '#6b3a00',
    reed: '#1d4a2b',
    clay: '#7d2413',
    plum: '#3d2a63',
  },
};

const KEPT = 'vesperum.light';

/** The light this machine was left in; lamp at first. */
export const keptLight = (): LightName => (machineShelf.find(KEPT) === 'dusk' ? 'dusk' : 'lamp');

/** Puts a light on: every colour becomes a CSS variable of its own name. */
export function putOn(name: LightName): void {
  const { style, dataset } = document.documentElement;
  for (const [colour, value] of Object.entries(LIGHTS[name])) style.setProperty(`--${colour}`, value);
  style.colorScheme = name === 'dusk' ? 'dark' : 'light';
  dataset.light = name;
}

export const keepLight = (name: LightName): void => void machineShelf.keep(KEPT, name);

/**
 * The component library's theme for a light.
 * @param isStill without motion: what waits for the end of a motion that never begins would stay for ever
 */
export function themeOf(name: LightName, isStill: boolean): ThemeConfig {
  const light = LIGHTS[name];
  return {
    algorithm: name === 'dusk' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      colorPrimary: light.amberInk,
      colorInfo: light.plum,
      colorSuccess: light.reed,
      colorError: light.clay,
      colorWarning: light.amber,
      colorBgBase: light.paper,
      colorBgContainer: light.sheet,
      colorBgElevated: light.sheet,
      colorTextBase: light.ink,
      colorTextPlaceholder: light.faded,
      colorTextDescription: light.faded,
      colorBorder: light.rule,
      colorBorderSecondary: light.rule,
      colorLink: light.amberInk,
      fontFamily: "'Source Sans 3', 'LXGW WenKai TC', system-ui, sans-serif",
      fontSize: 15,
      borderRadius: 3,
      controlHeight: 32,
      boxShadow: 'none',
      boxShadowSecondary: '0 6px 24px rgb(20 18 40 / 22%)',
      wireframe: false,
      motion: !isStill,
      motionDurationMid: '0.12s',
      motionDurationSlow: '0.16s',
    },
    components: {
      Button: {
        primaryShadow: 'none',
        defaultShadow: 'none',
        fontWeight: 600,
        ...(name === 'dusk' ? { primaryColor: light.paper } : {}),
      },
      Input: { activeShadow: 'none' },
      Segmented: {
        itemColor: light.ink,
        trackBg: light.well,
        itemSelectedBg: light.amberInk,
        itemSelectedColor: light.paper,
      },
    },
  };
}
