import { PROFILE_LEVEL, type Profile } from '@phylaxon/core/facts/vocabulary';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface ProfileState {
  /** Who is at work; until somebody has said so, a homeowner is assumed. */
  profile: Profile;
  /** Whether it was said. */
  said: boolean;
  setProfile: (profile: Profile) => void;
}

/** Who is at work at this screen. A homeowner is never offered a step behind the cover. */
export const useProfile = create<ProfileState>()(
  persist(
    (set) => ({ profile: 'homeowner', said: false, setProfile: (profile) => set({ profile, said: true }) }),
    {
      name: 'phylaxon-profile',
    },
  ),
);

/** Whether the person at work may do tests of this level. */
export const useMayDo = () => {
  const profile = useProfile((state) => state.profile);
  return (level: number) => level <= PROFILE_LEVEL[profile];
};
