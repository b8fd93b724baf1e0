// Types of chromium.mjs, which stays plain as setup.mjs does.
import type { LaunchOptions } from '@playwright/test';
export function findChromium(): string | undefined;
export function setupChromium(): void;
export function launchOptions(): LaunchOptions;
