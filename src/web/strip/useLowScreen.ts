import { useEffect, useState } from 'react';

/** True where the browser leaves less than 720 px: the strip gives up its labels row. */
export function useLowScreen(): boolean {
  const [low, setLow] = useState(() => window.innerHeight < 720);
  useEffect(() => {
    const onResize = () => setLow(window.innerHeight < 720);
    window.addEventListener('resize', onResize);
    return () => window.removeEventListener('resize', onResize);
  }, []);
  return low;
}
