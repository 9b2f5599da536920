import { forecast } from '@/core/dirt/forecast';
import { WATERS } from '@/demo/waters';
import { evaluatePack, aloneOn } from '@/core/report/evaluatePack';
const time=(f:()=>unknown,n=40)=>{for(let i=0;i<15;i++)f();const t=[];for(let i=0;i<n;i++){const s=performance.now();f();t.push(performance.now()-s);}t.sort((a,b)=>a-b);return [t[0],t[n>>1]].map(x=>x!.toFixed(2)).join(' / ');};
for (const {tank,filter,layers} of WATERS){
 const input={tank,filter,layers,others:[],visits:[],days:180};
 console.log(filter.id,layers.length,'forecast180 min/med',time(()=>forecast(input)),'brief',time(()=>forecast({...input,brief:true})), 'report', time(()=>evaluatePack({...aloneOn(tank),filter,layers,flow:null}),200));
}
