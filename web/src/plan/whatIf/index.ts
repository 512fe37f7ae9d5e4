export { WhatIfPage } from './WhatIfPage.tsx';
