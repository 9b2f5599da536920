import { TankSchema } from '@/core/tank/tank';
import { documentTable } from './documentTable';

export const tanks = documentTable('tank', TankSchema);
