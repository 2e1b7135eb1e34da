import { CHANNEL_IDS, plain, pointsOn, POINTS } from '.';

/**
 * The names of all 361 points in the order of the standard (WHO 2008), without tones, written down a second
 * time from memory: a point out of order or misspelt in the tables shows here.
 */
// prettier-ignore
const NAMES = {
  LU: 'zhongfu yunmen tianfu xiabai chize kongzui lieque jingqu taiyuan yuji shaoshang',
  LI: `shangyang erjian sanjian hegu yangxi pianli wenliu xialian shanglian shousanli quchi zhouliao shouwuli binao
    jianyu jugu tianding futu kouheliao yingxiang`,
  ST: `chengqi sibai juliao dicang daying jiache xiaguan touwei renying shuitu qishe quepen qihu kufang wuyi
    yingchuang ruzhong rugen burong chengman liangmen guanmen taiyi huaroumen tianshu wailing daju shuidao guilai
    qichong biguan futu yinshi liangqiu dubi zusanli shangjuxu tiaokou xiajuxu fenglong jiexi chongyang xiangu
    neiting lidui`,
  SP: `yinbai dadu taibai gongsun shangqiu sanyinjiao lougu diji yinlingquan xuehai jimen chongmen fushe fujie
    daheng fuai shidou tianxi xiongxiang zhourong dabao`,
  HT: 'jiquan qingling shaohai lingdao tongli yinxi shenmen shaofu shaochong',
  SI: `shaoze qiangu houxi wangu yanggu yanglao zhizheng xiaohai jianzhen naoshu tianzong bingfeng quyuan
    jianwaishu jianzhongshu tianchuang tianrong quanliao tinggong`,
  BL: `jingming cuanzhu meichong qucha wuchu chengguang tongtian luoque yuzhen tianzhu dazhu fengmen feishu
    jueyinshu xinshu dushu geshu ganshu danshu pishu weishu sanjiaoshu shenshu qihaishu dachangshu guanyuanshu
    xiaochangshu pangguangshu zhonglushu baihuanshu shangliao ciliao zhongliao xialiao huiyang chengfu yinmen fuxi
    weiyang weizhong fufen pohu gaohuang shentang yixi geguan hunmen yanggang yishe weicang huangmen zhishi
    baohuang zhibian heyang chengjin chengshan feiyang fuyang kunlun pucan shenmai jinmen jinggu shugu zutonggu
    zhiyin`,
  KI: `yongquan rangu taixi dazhong shuiquan zhaohai fuliu jiaoxin zhubin yingu henggu dahe qixue siman zhongzhu
    huangshu shangqu shiguan yindu futonggu youmen bulang shenfeng lingxu shencang yuzhong shufu`,
  PC: 'tianchi tianquan quze ximen jianshi neiguan daling laogong zhongchong',
  TE: `guanchong yemen zhongzhu yangchi waiguan zhigou huizong sanyangluo sidu tianjing qinglengyuan xiaoluo naohui
    jianliao tianliao tianyou yifeng chimai luxi jiaosun ermen erheliao sizhukong`,
  GB: `tongziliao tinghui shangguan hanyan xuanlu xuanli qubin shuaigu tianchong fubai touqiaoyin wangu benshen
    yangbai toulinqi muchuang zhengying chengling naokong fengchi jianjing yuanye zhejin riyue jingmen daimai wushu
    weidao juliao huantiao fengshi zhongdu xiyangguan yanglingquan yangjiao waiqiu guangming yangfu xuanzhong qiuxu
    zulinqi diwuhui xiaxi zuqiaoyin`,
  LR: `dadun xingjian taichong zhongfeng ligou zhongdu xiguan ququan yinbao zuwuli yinlian jimai zhangmen qimen`,
  GV: `changqiang yaoshu yaoyangguan mingmen xuanshu jizhong zhongshu jinsuo zhiyang lingtai shendao shenzhu taodao
    dazhui yamen fengfu naohu qiangjian houding baihui qianding xinhui shangxing shenting suliao shuigou duiduan
    yinjiao`,
  CV: `huiyin qugu zhongji guanyuan shimen qihai yinjiao shenque shuifen xiawan jianli zhongwan shangwan juque
    jiuwei zhongting danzhong yutang zigong huagai xuanji tiantu lianquan chengjiang`,
} as const;

const bare = (pinyin: string): string => plain(pinyin).replaceAll('ü', 'u');

describe('the names of the points', () => {
  it.each(CHANNEL_IDS)('stand in the order of the standard on %s', (id) => {
    expect(pointsOn(id).map((row) => bare(row.pinyin))).toEqual(NAMES[id].split(/\s+/));
  });

  it('are 361', () => {
    expect(Object.values(NAMES).flatMap((names) => names.split(/\s+/))).toHaveLength(361);
  });

  it('have as many characters as syllables, for names of one syllable a character', () => {
    // A syllable has one tone mark at most; names of more characters have more marks.
    const marks = (pinyin: string): number =>
      (pinyin.normalize('NFD').match(/[\u0300\u0301\u0304\u030c]/g) ?? []).length;
    for (const row of POINTS) {
      const characters = [...row.hanzi].length;
      expect({
        code: row.code,
        within: marks(row.pinyin) <= characters && marks(row.pinyin) >= characters - 1,
      }).toEqual({
        code: row.code,
        within: true,
      });
    }
  });

  it('of the back gates end in shū, of the sea and source of qi in their own words', () => {
    for (const code of ['BL13', 'BL15', 'BL18', 'BL20', 'BL23', 'BL25', 'BL28'] as const) {
      const row = POINTS.find((candidate) => candidate.code === code);
      expect(row?.pinyin.endsWith('shū')).toBe(true);
      expect(row?.hanzi.endsWith('俞')).toBe(true);
    }
  });

  it('that sound alike are told apart by their characters or their tones', () => {
    const seen = new Map<string, string>();
    for (const row of POINTS) {
      const key = `${row.pinyin}|${row.hanzi}`;
      expect(seen.get(key)).toBeUndefined();
      seen.set(key, row.code);
    }
  });
});
