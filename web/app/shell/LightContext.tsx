import { App, ConfigProvider } from 'antd';
import enGB from 'antd/locale/en_GB';
import { createContext, type ReactNode, useContext, useLayoutEffect, useMemo, useState } from 'react';
import { keepLight, keptLight, type LightName, putOn, themeOf } from '../lights';
import { useReducedMotion } from '../machine/reducedMotion';

interface LightSwitch {
  readonly light: LightName;
  readonly change: (light: LightName) => void;
}

const LightContext = createContext<LightSwitch>({ light: 'lamp', change: () => undefined });

export const useLight = (): LightSwitch => useContext(LightContext);

/** Lights the house, and themes the component library to match. */
export function LightProvider({ children }: { readonly children: ReactNode }) {
  const [light, setLight] = useState(keptLight);
  const isStill = useReducedMotion();
  useLayoutEffect(() => putOn(light), [light]);
  const value = useMemo(
    () => ({
      light,
      change: (next: LightName) => {
        keepLight(next);
        setLight(next);
      },
    }),
    [light],
  );
  return (
    <LightContext.Provider value={value}>
      <ConfigProvider theme={themeOf(light, isStill)} wave={{ disabled: isStill }} locale={enGB}>
        <App component={false}>{children}</App>
      </ConfigProvider>
    </LightContext.Provider>
  );
}
