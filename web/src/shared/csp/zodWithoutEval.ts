import { z } from 'zod';

// The content security policy forbids code made at run time, which zod would try.
z.config({ jitless: true });
