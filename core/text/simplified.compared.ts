/**
 * Pairs of a traditional character and its simplified one: those that stand in the names of points and forms, and a
 * variant or two in use. One way only: what a simplified character goes back to can be more than one. Checked
 * against the tables of a conversion package in `hanzi.test.ts`. They are only compared, never shown: by its name this
 * file is left out where the shipped font is cut.
 */
export const PAIRS =
  '來来俠侠倉仓僕仆兌兑內内兩两勞劳卻却厭厌厲厉參参啞哑單单圓圆夾夹孫孙宮宫崑昆崙仑帶带庫库強强後后復复懸悬戶户揚扬搖摇撐撑撲扑擺摆攢攒會会條条極极榮荣樞枢機机橫横歷历歸归氣气沖冲淵渊湧涌溝沟溫温滿满漿浆澤泽濼泺瀆渎無无營营犢犊璣玑環环竅窍竇窦築筑結结絡络絲丝經经維维綱纲縮缩聽听脈脉腎肾腦脑腸肠膽胆臨临臺台舉举華华蓋盖處处虛虚衝冲谿溪豐丰貞贞貫贯賓宾車车輒辄輔辅輪轮轉转運运邊边鄉乡釐厘鐘钟長长門门開开間间闕阙關关陰阴陽阳際际隱隐雲云靈灵頂顶頭头頰颊頷颔顛颠顱颅顴颧風风飛飞養养馬马鬢鬓魚鱼鳥鸟鳩鸠齒齿齦龈龍龙鳴鸣攪搅乾干韋韦馱驮獻献換换盤盘臥卧鳧凫鴟鸱視视鶴鹤燒烧臍脐轆辘轤轳雙双驚惊蟄蛰穀谷種种預预備备勢势錦锦調调訣诀樁桩體体獨独貓猫龜龟數数隨随側侧噓嘘';
