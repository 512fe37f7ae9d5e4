import { PROFILE_LEVEL, type Profile } from '@phylaxon/core/vocabulary';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface ProfileState {
  profile: Profile;
  setProfile: (profile: Profile) => void;
}

/** Who is at work. A homeowner is never offered a step behind the cover. */
export const useProfile = create<ProfileState>()(
  persist((set) => ({ profile: 'homeowner', setProfile: (profile) => set({ profile }) }), {
    name: 'phylaxon-profile',
  }),
);

/** Whether the person at work may do tests of this level. */
export const useMayDo = () => {
  const profile = useProfile((state) => state.profile);
  return (level: number) => level <= PROFILE_LEVEL[profile];
};
