export { ServicePage } from './ServicePage.tsx';
export { RoomPage } from './RoomPage.tsx';
export { PartsPage } from './PartsPage.tsx';
export { WhatIfPage } from './WhatIfPage.tsx';
export { TwoWiresPage } from './TwoWiresPage.tsx';
