import type { MaterialName } from "../material";

/**
 * What the commonest things are called at home and in the market, in their own script and in Latin letters as people
 * type them: `hi आँवला amla`. From memory, after the market and the Ayurvedic Pharmacopoeia of India; those of foods
 * are compared with IFCT 2017, which has them in Latin letters.
 */
const TABLE: Readonly<Record<string, string>> = {
  amla: "hi आँवला amla | ta நெல்லிக்காய் nellikai | te ఉసిరికాయ usirikaya | kn ನೆಲ್ಲಿಕಾಯಿ nellikayi | ml നെല്ലിക്ക nellikka | bn আমলকী amloki | mr आवळा avala | gu આમળા amla | ur آملہ amla",
  reetha: "hi रीठा reetha | ta பூந்திக்கொட்டை poonthi kottai | te కుంకుడుకాయ kunkudukaya | kn ಅಂಟುವಾಳ antuvala | ml സോപ്പിൻകായ soppinkaya | bn রিঠা ritha | mr रिठा ritha | gu અરીઠા aritha | ur ریٹھا reetha",
  shikakai: "hi शिकाकाई shikakai | ta சீயக்காய் seeyakkai | te శీకాకాయ seekakaya | kn ಸೀಗೆಕಾಯಿ seegekai | ml ചീനിക്ക cheenikka | bn শিকাকাই shikakai | mr शिकेकाई shikekai | gu શિકાકાઈ shikakai | ur شیکاکائی shikakai",
  haritaki: "hi हरड़ harad | ta கடுக்காய் kadukkai | te కరక్కాయ karakkaya | kn ಅಳಲೆಕಾಯಿ alalekai | ml കടുക്ക kadukka | bn হরিতকী horitoki | mr हिरडा hirda | gu હરડે harde | ur ہرڑ harar",
  bibhitaki: "hi बहेड़ा baheda | ta தான்றிக்காய் thandrikai | te తానికాయ tanikaya | kn ತಾರೇಕಾಯಿ tarekai | ml താന്നിക്ക thannikka | bn বহেড়া bohera | mr बेहडा behada | gu બહેડા baheda | ur بہیڑا bahera",
  triphala: "hi त्रिफला triphala | ta திரிபலா thiripala | te త్రిఫల triphala | kn ತ್ರಿಫಲ triphala | ml ത്രിഫല thriphala | bn ত্রিফলা triphola | mr त्रिफळा triphala | gu ત્રિફળા triphala | ur ترپھلا triphala",
  henna: "hi मेहँदी mehndi | ta மருதாணி maruthani | te గోరింటాకు gorintaku | kn ಮೆಹಂದಿ mehandi | ml മൈലാഞ്ചി mailanchi | bn মেহেদি mehedi | mr मेंदी mendi | gu મેંદી mendi | ur مہندی mehndi",
  indigo: "hi नील neel | ta அவுரி avuri | te నీలి neeli | kn ನೀಲಿ neeli | ml നീലയമരി neelayamari | bn নীল neel | mr नीळ neel | gu ગળી gali | ur نیل neel",
  brahmi: "hi ब्राह्मी brahmi | ta நீர்ப்பிரம்மி neerpirammi | te సంబరాణి ఆకు sambrani aku | kn ನೀರುಬ್ರಾಹ್ಮಿ neeru brahmi | ml ബ്രഹ്മി brahmi | bn ব্রাহ্মী brahmi | mr ब्राह्मी brahmi | gu બ્રાહ્મી brahmi | ur برہمی brahmi",
  "gotu-kola": "hi मण्डूकपर्णी mandukaparni | ta வல்லாரை vallarai | te సరస్వతి ఆకు saraswathi aku | kn ಒಂದೆಲಗ ondelaga | ml കുടങ്ങൽ kudangal | bn থানকুনি thankuni | mr कारिवणा karivana | gu ખડબ્રાહ્મી khadbrahmi | ur برہمی بوٹی brahmi booti",
  bhringraj: "hi भृंगराज bhringraj | ta கரிசலாங்கண்ணி karisalankanni | te గుంటగలగర guntagalagara | kn ಭೃಂಗರಾಜ bhringaraja | ml കയ്യോന്നി kayyonni | bn ভৃঙ্গরাজ bhringoraj | mr माका maka | gu ભાંગરો bhangro | ur بھنگرا bhangra",
  "neem-leaf": "hi नीम neem | ta வேப்பிலை veppilai | te వేపాకు vepaku | kn ಬೇವು bevu | ml വേപ്പില veppila | bn নিম nim | mr कडुलिंब kadulimb | gu લીમડો limdo | ur نیم neem",
  "moringa-leaf": "hi सहजन sahjan | ta முருங்கை murungai | te మునగాకు munagaku | kn ನುಗ್ಗೆ nugge | ml മുരിങ്ങയില muringayila | bn সজনে sojne | mr शेवगा shevga | gu સરગવો saragvo | ur سوہانجنا sohanjna",
  tulsi: "hi तुलसी tulsi | ta துளசி thulasi | te తులసి tulasi | kn ತುಳಸಿ tulasi | ml തുളസി thulasi | bn তুলসী tulsi | mr तुळस tulas | gu તુલસી tulsi | ur تلسی tulsi",
  "curry-leaf": "hi करी पत्ता kari patta | ta கறிவேப்பிலை kariveppilai | te కరివేపాకు karivepaku | kn ಕರಿಬೇವು karibevu | ml കറിവേപ്പില kariveppila | bn কারি পাতা kari pata | mr कढीपत्ता kadhipatta | gu મીઠો લીમડો mitho limdo | ur کڑی پتہ kari patta",
  "fenugreek-seed": "hi मेथी methi | ta வெந்தயம் vendhayam | te మెంతులు menthulu | kn ಮೆಂತ್ಯ menthya | ml ഉലുവ uluva | bn মেথি methi | mr मेथी methi | gu મેથી methi | ur میتھی methi",
  "fenugreek-leaf": "hi कसूरी मेथी kasuri methi | ta வெந்தயக்கீரை vendhaya keerai | te మెంతికూర menthikura | kn ಮೆಂತ್ಯ ಸೊಪ್ಪು menthya soppu | ml ഉലുവയില uluvayila | bn মেথি শাক methi shak | mr मेथीची पाने methichi pane | gu મેથીની ભાજી methini bhaji | ur قصوری میتھی kasuri methi",
  "black-seed": "hi कलौंजी kalonji | ta கருஞ்சீரகம் karunjeeragam | te నల్ల జీలకర్ర nalla jilakara | kn ಕರಿಜೀರಿಗೆ karijirige | ml കരിഞ്ചീരകം karinjeerakam | bn কালোজিরা kalojira | mr कलोंजी kalonji | gu કલોંજી kalonji | ur کلونجی kalonji",
  "flax-seed": "hi अलसी alsi | ta ஆளி விதை aali vidhai | te అవిసె గింజలు avise ginjalu | kn ಅಗಸೆ ಬೀಜ agase beeja | ml ചെറുചണവിത്ത് cheruchana vithu | bn তিসি tisi | mr जवस javas | gu અળસી alsi | ur السی alsi",
  "sesame-seed": "hi तिल til | ta எள் ellu | te నువ్వులు nuvvulu | kn ಎಳ್ಳು ellu | ml എള്ള് ellu | bn তিল til | mr तीळ til | gu તલ tal | ur تل til",
  "mustard-seed": "hi राई rai | ta கடுகு kadugu | te ఆవాలు avalu | kn ಸಾಸಿವೆ sasive | ml കടുക് kaduku | bn সরিষা sorisha | mr मोहरी mohri | gu રાઈ rai | ur رائی rai",
  "cumin-seed": "hi जीरा jeera | ta சீரகம் seeragam | te జీలకర్ర jilakara | kn ಜೀರಿಗೆ jeerige | ml ജീരകം jeerakam | bn জিরা jira | mr जिरे jire | gu જીરું jeeru | ur زیرہ zeera",
  "coriander-seed": "hi धनिया dhaniya | ta கொத்தமல்லி kothamalli | te ధనియాలు dhaniyalu | kn ಕೊತ್ತಂಬರಿ kothambari | ml മല്ലി malli | bn ধনে dhone | mr धणे dhane | gu ધાણા dhana | ur دھنیا dhaniya",
  "gram-flour": "hi बेसन besan | ta கடலை மாவு kadalai maavu | te శనగపిండి senagapindi | kn ಕಡಲೆ ಹಿಟ್ಟು kadale hittu | ml കടലമാവ് kadalamavu | bn বেসন beshon | mr बेसन besan | gu ચણાનો લોટ chana no lot | ur بیسن besan",
  "mung-flour": "hi मूंग का आटा moong atta | ta பாசிப்பயறு மாவு paasi payaru maavu | te పెసర పిండి pesara pindi | kn ಹೆಸರು ಹಿಟ್ಟು hesaru hittu | ml ചെറുപയർ പൊടി cherupayar podi | bn মুগ ডালের গুঁড়া mug daler gura | mr मूग पीठ mug pith | gu મગનો લોટ mag no lot | ur مونگ کا آٹا moong ka atta",
  "urad-flour": "hi उड़द का आटा urad atta | ta உளுந்து மாவு ulundhu maavu | te మినప పిండి minapa pindi | kn ಉದ್ದಿನ ಹಿಟ್ಟು uddina hittu | ml ഉഴുന്നുപൊടി uzhunnu podi | bn মাষকলাই গুঁড়া mashkalai gura | mr उडीद पीठ udid pith | gu અડદનો લોટ adad no lot | ur ماش کا آٹا mash ka atta",
  "masoor-flour": "hi मसूर का आटा masoor atta | ta மைசூர் பருப்பு மாவு mysore paruppu maavu | te మసూర్ పిండి masoor pindi | kn ಮಸೂರ ಹಿಟ್ಟು masoora hittu | ml മസൂർ പൊടി masoor podi | bn মসুর ডালের গুঁড়া mosur daler gura | mr मसूर पीठ masoor pith | gu મસૂરનો લોટ masoor no lot | ur مسور کا آٹا masoor ka atta",
  "rice-flour": "hi चावल का आटा chawal ka atta | ta அரிசி மாவு arisi maavu | te బియ్యపు పిండి biyyapu pindi | kn ಅಕ್ಕಿ ಹಿಟ್ಟು akki hittu | ml അരിപ്പൊടി arippodi | bn চালের গুঁড়া chaler gura | mr तांदळाचे पीठ tandalache pith | gu ચોખાનો લોટ chokha no lot | ur چاول کا آٹا chawal ka atta",
  "rice-water": "hi चावल का पानी chawal ka pani | ta அரிசி தண்ணீர் arisi thanneer | te బియ్యం నీళ్ళు biyyam neellu | kn ಅಕ್ಕಿ ನೀರು akki neeru | ml കഞ്ഞിവെള്ളം kanjivellam | bn চাল ধোয়া জল chal dhoa jol | mr तांदळाचे पाणी tandalache pani | gu ચોખાનું પાણી chokha nu pani | ur چاول کا پانی chawal ka pani",
  "psyllium-husk": "hi ईसबगोल isabgol | ta இசப்கோல் isabgol | te ఇసబ్గోల్ isabgol | kn ಇಸಬ್ಗೋಲ್ isabgol | ml ഇസബ്ഗോൾ isabgol | bn ইসবগুল isobgul | mr इसबगोल isabgol | gu ઇસબગુલ isabgul | ur اسپغول ispaghol",
  ginger: "hi सोंठ sonth | ta இஞ்சி inji | te అల్లం allam | kn ಶುಂಠಿ shunti | ml ഇഞ്ചി inchi | bn আদা ada | mr आले ale | gu આદુ adu | ur ادرک adrak",
  turmeric: "hi हल्दी haldi | ta மஞ்சள் manjal | te పసుపు pasupu | kn ಅರಿಶಿನ arishina | ml മഞ്ഞൾ manjal | bn হলুদ holud | mr हळद halad | gu હળદર haldar | ur ہلدی haldi",
  liquorice: "hi मुलेठी mulethi | ta அதிமதுரம் athimadhuram | te అతిమధురం atimadhuram | kn ಜ್ಯೇಷ್ಠಮಧು jyeshtamadhu | ml ഇരട്ടിമധുരം irattimadhuram | bn যষ্টিমধু joshtimodhu | mr ज्येष्ठमध jyeshthamadh | gu જેઠીમધ jethimadh | ur ملیٹھی mulethi",
  ashwagandha: "hi अश्वगंधा ashwagandha | ta அமுக்கரா amukkara | te అశ్వగంధ ashwagandha | kn ಅಶ್ವಗಂಧ ashwagandha | ml അമുക്കുരം amukkuram | bn অশ্বগন্ধা oshwogondha | mr अश्वगंधा ashwagandha | gu અશ્વગંધા ashwagandha | ur اسگندھ asgandh",
  shatavari: "hi शतावरी shatavari | ta தண்ணீர்விட்டான் thanneervittan | te శతావరి shatavari | kn ಶತಾವರಿ shatavari | ml ശതാവരി shathavari | bn শতমূলী shotomuli | mr शतावरी shatavari | gu શતાવરી shatavari | ur ستاور satawar",
  jatamansi: "hi जटामांसी jatamansi | ta சடாமாஞ்சில் sadamanjil | te జటామాంసి jatamamsi | kn ಜಟಾಮಾಂಸಿ jatamamsi | ml ജടാമാഞ്ചി jatamanchi | bn জটামাংসী jotamangshi | mr जटामांसी jatamansi | gu જટામાંસી jatamansi | ur بالچھڑ balchhar",
  vetiver: "hi खस khas | ta வெட்டிவேர் vettiver | te వట్టివేరు vattiveru | kn ಲಾವಂಚ lavancha | ml രാമച്ചം ramacham | bn বেনা bena | mr वाळा vala | gu વાળો valo | ur خس khas",
  nagarmotha: "hi नागरमोथा nagarmotha | ta கோரைக்கிழங்கு korai kizhangu | te తుంగముస్తలు tungamustalu | kn ನಾಗರಮೋಥಾ nagaramotha | ml മുത്തങ്ങ muthanga | bn নাগরমুথা nagormutha | mr नागरमोथा nagarmotha | gu નાગરમોથ nagarmoth | ur ناگر موتھا nagarmotha",
  manjistha: "hi मंजिष्ठा manjishtha | ta மஞ்சட்டி manjatti | te మంజిష్ఠ manjishta | kn ಮಂಜಿಷ್ಠ manjishta | ml മഞ്ചട്ടി manchatti | bn মঞ্জিষ্ঠা monjishtha | mr मंजिष्ठा manjishtha | gu મજીઠ majith | ur مجیٹھ majith",
  beetroot: "hi चुकंदर chukandar | ta பீட்ரூட் beetroot | te బీట్‌రూట్ beetroot | kn ಬೀಟ್ರೂಟ್ beetroot | ml ബീറ്റ്റൂട്ട് beetroot | bn বিট beet | mr बीट beet | gu બીટ beet | ur چقندر chuqandar",
  sandalwood: "hi चंदन chandan | ta சந்தனம் sandhanam | te చందనం chandanam | kn ಶ್ರೀಗಂಧ shrigandha | ml ചന്ദനം chandanam | bn চন্দন chondon | mr चंदन chandan | gu ચંદન chandan | ur صندل sandal",
  cinnamon: "hi दालचीनी dalchini | ta இலவங்கப்பட்டை lavangapattai | te దాల్చిన చెక్క dalchina chekka | kn ಚಕ್ಕೆ chakke | ml കറുവപ്പട്ട karuvapatta | bn দারুচিনি daruchini | mr दालचिनी dalchini | gu તજ taj | ur دارچینی darchini",
  onion: "hi प्याज pyaz | ta வெங்காயம் vengayam | te ఉల్లిపాయ ullipaya | kn ಈರುಳ್ಳಿ eerulli | ml ഉള്ളി ulli | bn পেঁয়াজ peyaj | mr कांदा kanda | gu ડુંગળી dungli | ur پیاز pyaz",
  garlic: "hi लहसुन lahsun | ta பூண்டு poondu | te వెల్లుల్లి vellulli | kn ಬೆಳ್ಳುಳ್ಳಿ bellulli | ml വെളുത്തുള്ളി veluthulli | bn রসুন roshun | mr लसूण lasun | gu લસણ lasan | ur لہسن lehsan",
  clove: "hi लौंग laung | ta கிராம்பு kirambu | te లవంగం lavangam | kn ಲವಂಗ lavanga | ml ഗ്രാമ്പൂ grampoo | bn লবঙ্গ lobongo | mr लवंग lavang | gu લવિંગ laving | ur لونگ laung",
  "hibiscus-flower": "hi गुड़हल gudhal | ta செம்பருத்தி semparuthi | te మందారం mandaram | kn ದಾಸವಾಳ dasavala | ml ചെമ്പരത്തി chemparathi | bn জবা joba | mr जास्वंद jaswand | gu જાસૂદ jasud | ur گڑہل gurhal",
  "rose-petal": "hi गुलाब gulab | ta ரோஜா roja | te గులాబీ gulabi | kn ಗುಲಾಬಿ gulabi | ml റോസാപ്പൂവ് rosapoovu | bn গোলাপ golap | mr गुलाब gulab | gu ગુલાબ gulab | ur گلاب gulab",
  marigold: "hi गेंदा genda | ta துலுக்க சாமந்தி thulukka samanthi | te బంతి banthi | kn ಚೆಂಡು ಹೂ chendu hoo | ml ചെണ്ടുമല്ലി chendumalli | bn গাঁদা gada | mr झेंडू zendu | gu ગલગોટા galgota | ur گیندا genda",
  "aloe-gel": "hi घृतकुमारी ghritkumari | ta கற்றாழை katrazhai | te కలబంద kalabanda | kn ಲೋಳೆಸರ lolesara | ml കറ്റാർവാഴ kattarvazha | bn ঘৃতকুমারী ghritokumari | mr कोरफड korphad | gu કુંવારપાઠું kunvarpathu | ur گھیکوار gheekwar",
  yoghurt: "hi दही dahi | ta தயிர் thayir | te పెరుగు perugu | kn ಮೊಸರು mosaru | ml തൈര് thairu | bn দই doi | mr दही dahi | gu દહીં dahi | ur دہی dahi",
  buttermilk: "hi छाछ chaas | ta மோர் mor | te మజ్జిగ majjiga | kn ಮಜ್ಜಿಗೆ majjige | ml മോര് moru | bn ঘোল ghol | mr ताक taak | gu છાશ chhash | ur لسی lassi",
  milk: "hi दूध doodh | ta பால் paal | te పాలు paalu | kn ಹಾಲು haalu | ml പാൽ paal | bn দুধ dudh | mr दूध doodh | gu દૂધ doodh | ur دودھ doodh",
  egg: "hi अंडा anda | ta முட்டை muttai | te గుడ్డు guddu | kn ಮೊಟ್ಟೆ motte | ml മുട്ട mutta | bn ডিম dim | mr अंडे ande | gu ઈંડું indu | ur انڈا anda",
  honey: "hi शहद shahad | ta தேன் then | te తేనె tene | kn ಜೇನುತುಪ್ಪ jenutuppa | ml തേൻ then | bn মধু modhu | mr मध madh | gu મધ madh | ur شہد shahad",
  banana: "hi केला kela | ta வாழைப்பழம் vazhaipazham | te అరటిపండు aratipandu | kn ಬಾಳೆಹಣ್ಣು balehannu | ml വാഴപ്പഴം vazhapazham | bn কলা kola | mr केळे kele | gu કેળું kelu | ur کیلا kela",
  "fullers-earth": "hi मुल्तानी मिट्टी multani mitti | ta முல்தானி மிட்டி multani mitti | te ముల్తానీ మట్టి multani matti | kn ಮುಲ್ತಾನಿ ಮಿಟ್ಟಿ multani mitti | ml മുൾട്ടാണി മിട്ടി multani mitti | bn মুলতানি মাটি multani mati | mr मुलतानी माती multani mati | gu મુલતાની માટી multani mati | ur ملتانی مٹی multani mitti",
  "lemon-juice": "hi नींबू का रस nimbu ka ras | ta எலுமிச்சை சாறு elumichai saaru | te నిమ్మరసం nimmarasam | kn ನಿಂಬೆ ರಸ nimbe rasa | ml നാരങ്ങാനീര് naranga neeru | bn লেবুর রস lebur rosh | mr लिंबाचा रस limbacha ras | gu લીંબુનો રસ limbu no ras | ur لیموں کا رس leemu ka ras",
  "tamarind-pulp": "hi इमली imli | ta புளி puli | te చింతపండు chintapandu | kn ಹುಣಸೆ hunase | ml പുളി puli | bn তেঁতুল tetul | mr चिंच chinch | gu આંબલી ambli | ur املی imli",
  "coconut-oil": "hi नारियल तेल nariyal tel | ta தேங்காய் எண்ணெய் thengai ennai | te కొబ్బరి నూనె kobbari nune | kn ತೆಂಗಿನ ಎಣ್ಣೆ thengina enne | ml വെളിച്ചെണ്ണ velichenna | bn নারকেল তেল narkel tel | mr खोबरेल तेल khobrel tel | gu કોપરેલ koprel | ur ناریل کا تیل nariyal ka tel",
  "sesame-oil": "hi तिल का तेल til ka tel | ta நல்லெண்ணெய் nallennai | te నువ్వుల నూనె nuvvula nune | kn ಎಳ್ಳೆಣ್ಣೆ ellenne | ml നല്ലെണ്ണ nallenna | bn তিলের তেল tiler tel | mr तिळाचे तेल tilache tel | gu તલનું તેલ tal nu tel | ur تل کا تیل til ka tel",
  "mustard-oil": "hi सरसों का तेल sarson ka tel | ta கடுகு எண்ணெய் kadugu ennai | te ఆవ నూనె ava nune | kn ಸಾಸಿವೆ ಎಣ್ಣೆ sasive enne | ml കടുകെണ്ണ kadukenna | bn সরিষার তেল sorishar tel | mr मोहरीचे तेल mohriche tel | gu સરસવનું તેલ sarsav nu tel | ur سرسوں کا تیل sarson ka tel",
  "castor-oil": "hi अरंडी का तेल arandi ka tel | ta விளக்கெண்ணெய் vilakkennai | te ఆముదం amudam | kn ಹರಳೆಣ್ಣೆ haralenne | ml ആവണക്കെണ്ണ avanakkenna | bn রেড়ির তেল rerir tel | mr एरंडेल तेल erandel tel | gu દિવેલ divel | ur ارنڈی کا تیل arandi ka tel",
  "almond-oil": "hi बादाम तेल badam tel | ta பாதாம் எண்ணெய் badam ennai | te బాదం నూనె badam nune | kn ಬಾದಾಮಿ ಎಣ್ಣೆ badami enne | ml ബദാം എണ്ണ badam enna | bn বাদাম তেল badam tel | mr बदाम तेल badam tel | gu બદામ તેલ badam tel | ur بادام کا تیل badam ka tel",
  ghee: "hi घी ghee | ta நெய் nei | te నెయ్యి neyyi | kn ತುಪ್ಪ tuppa | ml നെയ്യ് neyyu | bn ঘি ghi | mr तूप toop | gu ઘી ghee | ur گھی ghee",
  "coconut-milk": "hi नारियल का दूध nariyal ka doodh | ta தேங்காய்ப்பால் thengai paal | te కొబ్బరి పాలు kobbari paalu | kn ತೆಂಗಿನ ಹಾಲು thengina haalu | ml തേങ്ങാപ്പാൽ thengapaal | bn নারকেল দুধ narkel dudh | mr नारळाचे दूध naralache doodh | gu નારિયેળનું દૂધ nariyel nu doodh | ur ناریل کا دودھ nariyal ka doodh",
  "rose-water": "hi गुलाब जल gulab jal | ta பன்னீர் panneer | te పన్నీరు panneeru | kn ಗುಲಾಬಿ ನೀರು gulabi neeru | ml പനിനീർ panineer | bn গোলাপ জল golap jol | mr गुलाबपाणी gulabpani | gu ગુલાબજળ gulabjal | ur عرق گلاب arq gulab",
  "black-tea-leaf": "hi चाय पत्ती chai patti | ta தேயிலை theyilai | te తేయాకు teyaku | kn ಚಹಾ ಎಲೆ chaha ele | ml തേയില theyila | bn চা পাতা cha pata | mr चहा पावडर chaha powder | gu ચા પત્તી cha patti | ur چائے کی پتی chai ki patti",
  "spearmint-leaf": "hi पुदीना pudina | ta புதினா pudhina | te పుదీనా pudina | kn ಪುದೀನ pudina | ml പുതിന puthina | bn পুদিনা pudina | mr पुदिना pudina | gu ફુદીનો fudino | ur پودینہ podina",
};

/** One group: a language, the name in its script, which may be of several words, and in Latin letters. */
const GROUP = /^(\w\w) ([^\u0000-\u024f]+(?: [^\u0000-\u024f]+)*) ([\u0000-\u024f]+)$/;

export const regionalNames = (id: string): readonly MaterialName[] =>
  (TABLE[id]?.split(" | ") ?? []).flatMap((group) => {
    const [, language, script, latin] = GROUP.exec(group) ?? [];
    return language ? [{ text: script, language }, { text: latin, language: `${language}-Latn` }] : [];
  });
export const REGIONAL_IDS = Object.keys(TABLE);
