import { useEffect } from 'react';
import { loadWorkshop } from '../stations/lazy';
import { BenchScreen } from '../stations/bench/Screen';

/** The bench comes with the first script; the stations follow while it is being read. */
export default function Index() {
  useEffect(() => {
    const idle = setTimeout(() => void loadWorkshop(), 1500);
    return () => clearTimeout(idle);
  }, []);
  return <BenchScreen />;
}
