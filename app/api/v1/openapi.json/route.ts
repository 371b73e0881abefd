import { NextResponse } from 'next/server';
import { openApi } from '@/services/openapi';

export const GET = () => NextResponse.json(openApi());
