import { cookies } from 'next/headers';
import { VEIL_COOKIE, VEILED } from '@/core/people/veil';

/** Whether nothing private is to be shown in this browser now, because somebody looks on. */
export const isVeiled = async (): Promise<boolean> => (await cookies()).get(VEIL_COOKIE)?.value === VEILED;
