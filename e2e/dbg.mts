import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const log=readFileSync('/tmp/dc.log','utf8');
const pass=(n:string)=>log.split('\n').find(l=>l.trim().startsWith(n+' '))!.split('passphrase: ')[1].trim();
const b=await chromium.launch({executablePath:['/usr/bin/chromium-headless-shell','/usr/bin/chromium'].find(p=>{try{readFileSync(p);return true}catch{return false}}),args:['--no-sandbox']});
async function as(name:string){ const c=await b.newContext({viewport:{width:1280,height:800}}); const p=await c.newPage(); p.on('console',m=>{ if(m.type()==='error') console.log(name,'console:',m.text().slice(0,150));}); await p.goto('http://127.0.0.1:5151/come-in'); await p.getByLabel('Name').fill(name); await p.getByRole('textbox',{name:'Passphrase'}).fill(pass(name)); await p.keyboard.press('Enter'); await p.waitForURL(u=>!u.pathname.includes('come-in')); await p.waitForTimeout(1500); return p; }
const k=await as('Barnaby');
await k.goto('http://127.0.0.1:5151/club/who-sees'); await k.waitForTimeout(1500); await k.screenshot({path:'/tmp/s1.png'});
const g=await as('Marsh');
const visited=new Set<string>();
const paths:string[]=[];
await g.goto('http://127.0.0.1:5151/armies'); await g.waitForTimeout(1500);
const army=await g.locator('.army-list a').first().getAttribute('href'); const rec='/recipes/reed-cloak';
paths.push(army!, rec+'/text', ...['variants','together','order','sheet','paint','plan','readings','changes'].map(l=>army+'/'+l), ...['versions','values','levels','text','card','recolour','form','photographs'].map(l=>rec+'/'+l), '/shelf?open=peat');
for (const path of paths){ await g.goto('http://127.0.0.1:5151'+path); await g.waitForTimeout(1500); const names=await g.locator('main button:visible:not([disabled])').evaluateAll(bs=>bs.filter(b=>!b.closest('fieldset[disabled]')).map(b=>b.getAttribute('aria-label')||b.textContent||'')); console.log(path, [...new Set(names)].slice(0,40).join(' | ')); }
await g.goto('http://127.0.0.1:5151/recipes'); await g.waitForTimeout(1500); await g.screenshot({path:'/tmp/g1.png'});
await g.goto('http://127.0.0.1:5151'+army); await g.waitForTimeout(1500); await g.screenshot({path:'/tmp/g2.png'});
await b.close();
