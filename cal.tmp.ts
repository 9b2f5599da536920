import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import { placeLayers } from '@/core/pack/evaluatePack';
import { plainLayer } from '@/core/pack/plainLayer';
import { march } from '@/core/dirt/march';
import { USUAL_DIRT } from '@/core/dirt/dirtNumbers';
const L=1e-3/3600;
const tankOf=(v:number,food:number)=>({...newTank('t','T',v),temperature:25,plants:'none' as const,feed:{amount:{by:'weight' as const,perDay:food},protein:.4}});
const numbers={...USUAL_DIRT,retention:0};
const sday=(m:any)=>{const lim=.6*m.through[0];for(let d=1;d<=m.days;d++){if(m.through[d]<lim){const a=m.through[d-1],b=m.through[d];return d-1+(a-lim)/(a-b);}}return 'not '+(Math.min(...m.through)/m.through[0]).toFixed(2)};
const base=presetFilter('hang-on-back-basket',{id:'f',tankId:'t'},'x');
const hang={...base,labelFlow:540*L,pump:{power:null,internalLoss:.25,head:{by:'label' as const,shutOff:.5}},
 spill:{...base.spill!,lipAboveTank:.02,lipAboveFloor:.07,notch:{aboveLip:.025,width:.06},foot:'in' as const,tilt:0,sentRound:0, rimAboveLip:.04},
 chambers:[{...base.chambers[0]!,shape:{form:'box' as const,length:.082,width:.064},depth:.1,stop:null}]};
console.log('lipw',base.spill!.lipWidth);
for (const g of ['45','30','15']){const m=march({tank:tankOf(.07,.9e-3),own:{filter:hang,inFlow:placeLayers(hang,[plainLayer('a','foam-'+g,hang.chambers[0]!.id,.1)]),visits:[]},others:[],days:365,numbers})!;
 console.log(g,sday(m),m.flow[0]!/L,m.through[0]!/L,m.headroom[0],JSON.stringify(m.books));}
const cb=presetFilter('canister-down-flow',{id:'f',tankId:'t'},'x');
const can={...cb,labelFlow:1120*L,pump:{power:null,internalLoss:null,head:{by:'label' as const,shutOff:1.9}},hoses:{...cb.hoses!,bore:.0155,intake:1.4,outlet:1.4,inside:'clean' as const},
 chambers:[{...cb.chambers[0]!,id:'c',shape:{form:'box' as const,length:.2,width:.185},depth:.5,stop:null}]};
const seqs:Record<string,[string,number][]>={usual:[['rings-dense',.04],['foam-15',.03],['foam-30',.03],['floss-bonded',.02],['porous-ceramic',.21]],
 flossfirst:[['rings-dense',.04],['floss-bonded',.02],['foam-15',.03],['foam-30',.03],['porous-ceramic',.21]],
 behind:[['rings-dense',.04],['porous-ceramic',.21],['foam-15',.03],['foam-30',.03],['floss-bonded',.02]]};
const run=(k:string,food:number,days=365)=>{const m=march({tank:tankOf(.28,food),own:{filter:can,inFlow:placeLayers(can,seqs[k]!.map(([a,b],i)=>plainLayer('l'+i,a,'c',b))),visits:[]},others:[],days,numbers})!;return m;};
for (const f of [3,6,2]){const t=performance.now();const m=run('usual',f*1e-3);console.log('usual',f,sday(m),m.flow[0]!/L/1120,(performance.now()-t).toFixed(1)+'ms');}
console.log('flossfirst',sday(run('flossfirst',3e-3)));
const u=run('usual',3e-3,90),b=run('behind',3e-3,90);
console.log('silt', u.caughtBy[90*5+4], b.caughtBy[90*5+1], b.caughtBy[90*5+1]!/u.caughtBy[90*5+4]!);
for(let i=0;i<20;i++){const t=performance.now();run('usual',3e-3,180);if(i>15)console.log((performance.now()-t).toFixed(1)+'ms 180 d');}
