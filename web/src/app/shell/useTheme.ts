import { useLayoutEffect } from 'react';
import { useSettings } from '../../shared/queries/index.ts';

/** Show the chosen theme, now and whenever another is chosen. */
export function useTheme(): void {
  const { theme } = useSettings();
  useLayoutEffect(() => {
    if (theme === 'system') delete document.documentElement.dataset.theme;
    else document.documentElement.dataset.theme = theme;
  }, [theme]);
}
