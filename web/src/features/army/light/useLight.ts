import type { Army, HowLit, PointLight, SurfaceGlow, Unit } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { ofArmies } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';

/** How far a light has been worked out: surfaces of so many; null while none is. */
interface Looking {
  done: number;
  of: number;
}

/** Works a light out a surface at a time; it can be stopped between two, and shows what it has. */
export function useLight(army: Army, unit: Unit) {
  const workerKnowing = useWorker(ofArmies);
  const [looking, setLooking] = useState<Looking | null>(null);
  const [found, setFound] = useState<SurfaceGlow[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const stopped = useRef(false);
  useEffect(() => {
    stopped.current = false;
    return () => {
      stopped.current = true;
    };
  }, []);
  const look = async (light: PointLight, how: HowLit) => {
    stopped.current = false;
    setProblem(null);
    setFound([]);
    try {
      const worker = workerKnowing();
      const of = await worker.beginGlow(army, unit, light, how);
      for (let surface = 0; surface < of && !stopped.current; surface++) {
        setLooking({ done: surface, of });
        const glow = await worker.lookGlow(surface);
        if (glow) setFound((before) => [...before, glow]);
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setLooking(null);
  };
  const stop = () => {
    stopped.current = true;
  };
  const clear = () => setFound([]);
  return { look, stop, clear, looking, found, problem };
}
