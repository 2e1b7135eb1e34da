import {
  HEART_RATE_MEASUREMENT,
  HEART_RATE_SERVICE,
  readHeartBeat,
  type HeartBeat,
} from '@/core/felt/heartRate';
import { simulatedStrap, type StrapCurve } from '@/core/felt/simulatedStrap';

/** A strap that is worn: it tells each notification as it comes, and nothing while contact is lost. */
export interface HeartStrap {
  /** Begins to listen; throws with a sentence where it cannot. What is returned lets it go again. */
  readonly listen: (onBeat: (beat: HeartBeat | undefined) => void) => Promise<() => void>;
}

/** The little of Web Bluetooth that is used; browsers that have none have no `bluetooth`. */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<unknown>;
  stopNotifications(): Promise<unknown>;
}
interface Device extends EventTarget {
  readonly gatt?: {
    connect(): Promise<{
      getPrimaryService(service: number): Promise<{
        getCharacteristic(characteristic: number): Promise<Characteristic>;
      }>;
    }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(options: {
    readonly filters: readonly { readonly services: readonly number[] }[];
  }): Promise<Device>;
}

const bluetooth = (): Bluetooth | undefined => (navigator as { readonly bluetooth?: Bluetooth }).bluetooth;

/** Whether this browser can hear a strap. */
export const hearsStraps = (): boolean => bluetooth() !== undefined;

/** A strap with the heart-rate profile of Bluetooth, chosen in the browser’s own dialog. */
export const bluetoothStrap: HeartStrap = {
  listen: async (onBeat) => {
    const device = await bluetooth()?.requestDevice({ filters: [{ services: [HEART_RATE_SERVICE] }] });
    if (!device?.gatt) throw new Error('This browser cannot hear a strap.');
    const server = await device.gatt.connect();
    const service = await server.getPrimaryService(HEART_RATE_SERVICE);
    const characteristic = await service.getCharacteristic(HEART_RATE_MEASUREMENT);
    const heard = (): void => onBeat(characteristic.value && readHeartBeat(characteristic.value));
    const gone = (): void => onBeat(undefined);
    characteristic.addEventListener('characteristicvaluechanged', heard);
    device.addEventListener('gattserverdisconnected', gone);
    await characteristic.startNotifications();
    return () => {
      characteristic.removeEventListener('characteristicvaluechanged', heard);
      device.removeEventListener('gattserverdisconnected', gone);
      device.gatt?.disconnect();
    };
  },
};

/** The strap that ships with Navuren: a heart made by calculation, through the same bytes. */
export const strapOf = (curve: StrapCurve, seed: number): HeartStrap => ({
  listen: (onBeat) => {
    const strap = simulatedStrap(curve, seed);
    const timer = setInterval(() => {
      const { value } = strap.next();
      onBeat(value && readHeartBeat(value));
    }, 1000);
    return Promise.resolve(() => clearInterval(timer));
  },
});
