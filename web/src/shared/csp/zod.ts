import { z } from 'zod/v4';

// The content security policy forbids code made at run time, which zod would try. Whoever imports zod gets this one
// (`vite.config.ts`).
z.config({ jitless: true });

export * from 'zod/v4';
