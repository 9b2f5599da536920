'use client';
import { lazyPart } from '../frame/lazyPart';

/** The page of Plan between jobs: apart from the bench, which is large and does not need it. */
export const PlanStart = lazyPart(() => import('../job/NoJob').then((module) => module.NoJob));
