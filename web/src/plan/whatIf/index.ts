export * from './WhatIfPage.tsx';
