import { makeConnection, quantile } from './bench/measure.ts';
const c = makeConnection(4610);
await c.call('POST','/api/sign-in',{person:'bram',pin:'2020'});
for (const p of ['/api/me']) { const t:number[]=[]; for (let i=0;i<6000;i++) t.push((await c.call('GET', p)).tookMs); console.log(p, quantile(t.slice(100),.5).toFixed(3), quantile(t.slice(100),.95).toFixed(3)); }
c.close();
