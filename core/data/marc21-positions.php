<?php

// The coded positions of leader, 006, 007 and 008: by field and kind of material, each position from, length, name, values.
// Where a position has more than one character, codes of one character stand for each of them, and codes of its whole length for all. An empty list of
// values means that anything may stand there. 007 is in a table of its own. Source: MARC 21 Format for Bibliographic Data.

$fill = ['|' => 'No attempt to code'];
$form = [' ' => 'None of the following', 'a' => 'Microfilm', 'b' => 'Microfiche', 'c' => 'Microopaque', 'd' => 'Large print', 'f' => 'Braille', 'o' => 'Online', 'q' => 'Direct electronic', 'r' => 'Regular print reproduction', 's' => 'Electronic'] + $fill;
$audience = [' ' => 'Unknown or not specified', 'a' => 'Preschool', 'b' => 'Primary', 'c' => 'Pre-adolescent', 'd' => 'Adolescent', 'e' => 'Adult', 'f' => 'Specialized', 'g' => 'General', 'j' => 'Juvenile'] + $fill;
$government = [' ' => 'Not a government publication', 'a' => 'Autonomous or semi-autonomous component', 'c' => 'Multilocal', 'f' => 'Federal/national', 'i' => 'International intergovernmental', 'l' => 'Local', 'm' => 'Multistate', 'o' => 'Government publication, level undetermined', 's' => 'State, provincial, territorial', 'u' => 'Unknown if government publication', 'z' => 'Other'] + $fill;
$contents = [' ' => 'No specified nature', 'a' => 'Abstracts/summaries', 'b' => 'Bibliographies', 'c' => 'Catalogs', 'd' => 'Dictionaries', 'e' => 'Encyclopedias', 'f' => 'Handbooks', 'g' => 'Legal articles', 'i' => 'Indexes', 'j' => 'Patent document', 'k' => 'Discographies', 'l' => 'Legislation', 'm' => 'Theses', 'n' => 'Surveys of literature', 'o' => 'Reviews', 'p' => 'Programmed texts', 'q' => 'Filmographies', 'r' => 'Directories', 's' => 'Statistics', 't' => 'Technical reports', 'u' => 'Standards/specifications', 'v' => 'Legal cases', 'w' => 'Law reports', 'y' => 'Yearbooks', 'z' => 'Treaties', '2' => 'Offprints', '5' => 'Calendars', '6' => 'Comics/graphic novels'] + $fill;
$yes = static fn (string $no, string $is): array => ['0' => $no, '1' => $is, '|' => 'No attempt to code'];
$conference = [29, 1, 'Conference publication', $yes('Not a conference publication', 'Conference publication')];
$index = [31, 1, 'Index', $yes('No index', 'Index present')];
$illustrations = [' ' => 'No illustrations', 'a' => 'Illustrations', 'b' => 'Maps', 'c' => 'Portraits', 'd' => 'Charts', 'e' => 'Plans', 'f' => 'Plates', 'g' => 'Music', 'h' => 'Facsimiles', 'i' => 'Coats of arms', 'j' => 'Genealogical tables', 'k' => 'Forms', 'l' => 'Samples', 'm' => 'Phonodisc, phonowire', 'o' => 'Photographs', 'p' => 'Illuminations'] + $fill;

$materials = [
    'books' => [
        [18, 4, 'Illustrations', $illustrations],
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', $form],
        [24, 4, 'Nature of contents', $contents],
        [28, 1, 'Government publication', $government],
        $conference,
        [30, 1, 'Festschrift', $yes('Not a festschrift', 'Festschrift')],
        $index,
        [33, 1, 'Literary form', ['0' => 'Not fiction', '1' => 'Fiction', 'd' => 'Dramas', 'e' => 'Essays', 'f' => 'Novels', 'h' => 'Humor, satires', 'i' => 'Letters', 'j' => 'Short stories', 'm' => 'Mixed forms', 'p' => 'Poetry', 's' => 'Speeches', 'u' => 'Unknown'] + $fill],
        [34, 1, 'Biography', [' ' => 'No biographical material', 'a' => 'Autobiography', 'b' => 'Individual biography', 'c' => 'Collective biography', 'd' => 'Contains biographical information'] + $fill],
    ],
    'continuing' => [
        [18, 1, 'Frequency', [' ' => 'No determinable frequency', 'a' => 'Annual', 'b' => 'Bimonthly', 'c' => 'Semiweekly', 'd' => 'Daily', 'e' => 'Biweekly', 'f' => 'Semiannual', 'g' => 'Biennial', 'h' => 'Triennial', 'i' => 'Three times a week', 'j' => 'Three times a month', 'k' => 'Continuously updated', 'm' => 'Monthly', 'q' => 'Quarterly', 's' => 'Semimonthly', 't' => 'Three times a year', 'u' => 'Unknown', 'w' => 'Weekly', 'z' => 'Other'] + $fill],
        [19, 1, 'Regularity', ['n' => 'Normalized irregular', 'r' => 'Regular', 'u' => 'Unknown', 'x' => 'Completely irregular'] + $fill],
        [21, 1, 'Type of continuing resource', [' ' => 'None of the following', 'd' => 'Updating database', 'g' => 'Magazine', 'h' => 'Blog', 'j' => 'Journal', 'l' => 'Updating loose-leaf', 'm' => 'Monographic series', 'n' => 'Newspaper', 'p' => 'Periodical', 'r' => 'Repository', 's' => 'Newsletter', 't' => 'Directory', 'w' => 'Updating web site'] + $fill],
        [22, 1, 'Form of original item', ['e' => 'Newspaper format'] + $form],
        [23, 1, 'Form of item', $form],
        [24, 1, 'Nature of entire work', $contents],
        [25, 3, 'Nature of contents', $contents],
        [28, 1, 'Government publication', $government],
        $conference,
        [33, 1, 'Original alphabet or script of title', [' ' => 'No alphabet or script given', 'a' => 'Basic roman', 'b' => 'Extended roman', 'c' => 'Cyrillic', 'd' => 'Japanese', 'e' => 'Chinese', 'f' => 'Arabic', 'g' => 'Greek', 'h' => 'Hebrew', 'i' => 'Thai', 'j' => 'Devanagari', 'k' => 'Korean', 'l' => 'Tamil', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [34, 1, 'Entry convention', ['0' => 'Successive entry', '1' => 'Latest entry', '2' => 'Integrated entry'] + $fill],
    ],
    'music' => [
        [18, 2, 'Form of composition', ['an' => 'Anthems', 'bd' => 'Ballads', 'bg' => 'Bluegrass music', 'bl' => 'Blues', 'bt' => 'Ballets', 'ca' => 'Chaconnes', 'cb' => 'Chants, other religions', 'cc' => 'Chant, Christian', 'cg' => 'Concerti grossi', 'ch' => 'Chorales', 'cl' => 'Chorale preludes', 'cn' => 'Canons and rounds', 'co' => 'Concertos', 'cp' => 'Chansons, polyphonic', 'cr' => 'Carols', 'cs' => 'Chance compositions', 'ct' => 'Cantatas', 'cy' => 'Country music', 'cz' => 'Canzonas', 'df' => 'Dance forms', 'dv' => 'Divertimentos, serenades, cassations, divertissements, notturni', 'fg' => 'Fugues', 'fl' => 'Flamenco', 'fm' => 'Folk music', 'ft' => 'Fantasias', 'gm' => 'Gospel music', 'hy' => 'Hymns', 'jz' => 'Jazz', 'mc' => 'Musical revues and comedies', 'md' => 'Madrigals', 'mi' => 'Minuets', 'mo' => 'Motets', 'mp' => 'Motion picture music', 'mr' => 'Marches', 'ms' => 'Masses', 'mu' => 'Multiple forms', 'mz' => 'Mazurkas', 'nc' => 'Nocturnes', 'nn' => 'Not applicable', 'op' => 'Operas', 'or' => 'Oratorios', 'ov' => 'Overtures', 'pg' => 'Program music', 'pm' => 'Passion music', 'po' => 'Polonaises', 'pp' => 'Popular music', 'pr' => 'Preludes', 'ps' => 'Passacaglias', 'pt' => 'Part-songs', 'pv' => 'Pavans', 'rc' => 'Rock music', 'rd' => 'Rondos', 'rg' => 'Ragtime music', 'ri' => 'Ricercars', 'rp' => 'Rhapsodies', 'rq' => 'Requiems', 'sd' => 'Square dance music', 'sg' => 'Songs', 'sn' => 'Sonatas', 'sp' => 'Symphonic poems', 'st' => 'Studies and exercises', 'su' => 'Suites', 'sy' => 'Symphonies', 'tc' => 'Toccatas', 'tl' => 'Teatro lirico', 'ts' => 'Trio-sonatas', 'uu' => 'Unknown', 'vi' => 'Villancicos', 'vr' => 'Variations', 'wz' => 'Waltzes', 'za' => 'Zarzuelas', 'zz' => 'Other', '||' => 'No attempt to code']],
        [20, 1, 'Format of music', ['a' => 'Full score', 'b' => 'Miniature or study score', 'c' => 'Accompaniment reduced for keyboard', 'd' => 'Voice score', 'e' => 'Condensed score', 'g' => 'Close score', 'h' => 'Chorus score', 'i' => 'Condensed score', 'j' => 'Performer-conductor part', 'k' => 'Vocal score', 'l' => 'Score', 'm' => 'Multiple score formats', 'n' => 'Not applicable', 'p' => 'Piano score', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [21, 1, 'Music parts', [' ' => 'No parts in hand or not specified', 'd' => 'Instrumental and vocal parts', 'e' => 'Instrumental parts', 'f' => 'Vocal parts', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', $form],
        [24, 6, 'Accompanying matter', [' ' => 'No accompanying matter', 'a' => 'Discography', 'b' => 'Bibliography', 'c' => 'Thematic index', 'd' => 'Libretto or text', 'e' => 'Biography of composer or author', 'f' => 'Biography of performer or history of ensemble', 'g' => 'Technical and/or historical information on instruments', 'h' => 'Technical information on music', 'i' => 'Historical information', 'k' => 'Ethnological information', 'r' => 'Instructional materials', 's' => 'Music', 'z' => 'Other'] + $fill],
        [30, 2, 'Literary text for sound recordings', [' ' => 'Item is a music sound recording', 'a' => 'Autobiography', 'b' => 'Biography', 'c' => 'Conference proceedings', 'd' => 'Drama', 'e' => 'Essays', 'f' => 'Fiction', 'g' => 'Reporting', 'h' => 'History', 'i' => 'Instruction', 'j' => 'Language instruction', 'k' => 'Comedy', 'l' => 'Lectures, speeches', 'm' => 'Memoirs', 'n' => 'Not applicable', 'o' => 'Folktales', 'p' => 'Poetry', 'r' => 'Rehearsals', 's' => 'Sounds', 't' => 'Interviews', 'z' => 'Other'] + $fill],
        [33, 1, 'Transposition and arrangement', [' ' => 'Not arrangement or transposition or not specified', 'a' => 'Transposition', 'b' => 'Arrangement', 'c' => 'Both transposed and arranged', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
    ],
    'maps' => [
        [18, 4, 'Relief', [' ' => 'No relief shown', 'a' => 'Contours', 'b' => 'Shading', 'c' => 'Gradient and bathymetric tints', 'd' => 'Hachures', 'e' => 'Bathymetry/soundings', 'f' => 'Form lines', 'g' => 'Spot heights', 'i' => 'Pictorially', 'j' => 'Land forms', 'k' => 'Bathymetry/isolines', 'm' => 'Rock drawings', 'z' => 'Other'] + $fill],
        [22, 2, 'Projection', ['  ' => 'Projection not specified', 'aa' => 'Aitoff', 'ab' => 'Gnomic', 'ac' => "Lambert's azimuthal equal area", 'ad' => 'Orthographic', 'ae' => 'Azimuthal equidistant', 'af' => 'Stereographic', 'ag' => 'General vertical near-sided', 'am' => 'Modified stereographic for Alaska', 'an' => 'Chamberlin trimetric', 'ap' => 'Polar stereographic', 'au' => 'Azimuthal, specific type unknown', 'az' => 'Azimuthal, other', 'ba' => 'Gall', 'bb' => "Goode's homolographic", 'bc' => "Lambert's cylindrical equal area", 'bd' => 'Mercator', 'be' => 'Miller', 'bf' => 'Mollweide', 'bg' => 'Sinusoidal', 'bh' => 'Transverse Mercator', 'bi' => 'Gauss-Kruger', 'bj' => 'Equirectangular', 'bk' => 'Krovak', 'bl' => 'Cassini-Soldner', 'bo' => 'Oblique Mercator', 'br' => 'Robinson', 'bs' => 'Space oblique Mercator', 'bu' => 'Cylindrical, specific type unknown', 'bz' => 'Cylindrical, other', 'ca' => 'Albers equal area', 'cb' => 'Bonne', 'cc' => "Lambert's conformal conic", 'ce' => 'Equidistant conic', 'cp' => 'Polyconic', 'cu' => 'Conic, specific type unknown', 'cz' => 'Conic, other', 'da' => 'Armadillo', 'db' => 'Butterfly', 'dc' => 'Eckert', 'dd' => "Goode's homolosine", 'de' => "Miller's bipolar oblique conformal conic", 'df' => 'Van der Grinten', 'dg' => 'Dymaxion', 'dh' => 'Cordiform', 'dl' => 'Lambert conformal', 'zz' => 'Other', '||' => 'No attempt to code']],
        [25, 1, 'Type of cartographic material', ['a' => 'Single map', 'b' => 'Map series', 'c' => 'Map serial', 'd' => 'Globe', 'e' => 'Atlas', 'f' => 'Separate supplement to another work', 'g' => 'Bound as part of another work', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [28, 1, 'Government publication', $government],
        [29, 1, 'Form of item', $form],
        $index,
        [33, 2, 'Special format characteristics', [' ' => 'No specified special format characteristics', 'e' => 'Manuscript', 'j' => 'Picture card, post card', 'k' => 'Calendar', 'l' => 'Puzzle', 'n' => 'Game', 'o' => 'Wall map', 'p' => 'Playing cards', 'r' => 'Loose-leaf', 'z' => 'Other'] + $fill],
    ],
    'visual' => [
        [18, 3, 'Running time (minutes in three digits, 000, nnn or ---)', []],
        [22, 1, 'Target audience', $audience],
        [28, 1, 'Government publication', $government],
        [29, 1, 'Form of item', $form],
        [33, 1, 'Type of visual material', ['a' => 'Art original', 'b' => 'Kit', 'c' => 'Art reproduction', 'd' => 'Diorama', 'f' => 'Filmstrip', 'g' => 'Game', 'i' => 'Picture', 'k' => 'Graphic', 'l' => 'Technical drawing', 'm' => 'Motion picture', 'n' => 'Chart', 'o' => 'Flash card', 'p' => 'Microscope slide', 'q' => 'Model', 'r' => 'Realia', 's' => 'Slide', 't' => 'Transparency', 'v' => 'Videorecording', 'w' => 'Toy', 'z' => 'Other'] + $fill],
        [34, 1, 'Technique', ['a' => 'Animation', 'c' => 'Animation and live action', 'l' => 'Live action', 'n' => 'Not applicable', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
    ],
    'computer' => [
        [22, 1, 'Target audience', $audience],
        [23, 1, 'Form of item', [' ' => 'Unknown or not specified', 'o' => 'Online', 'q' => 'Direct electronic'] + $fill],
        [26, 1, 'Type of computer file', ['a' => 'Numeric data', 'b' => 'Computer program', 'c' => 'Representational', 'd' => 'Document', 'e' => 'Bibliographic data', 'f' => 'Font', 'g' => 'Game', 'h' => 'Sound', 'i' => 'Interactive multimedia', 'j' => 'Online system or service', 'm' => 'Combination', 'u' => 'Unknown', 'z' => 'Other'] + $fill],
        [28, 1, 'Government publication', $government],
    ],
    'mixed' => [
        [23, 1, 'Form of item', $form],
    ],
];
$always = [
    [0, 6, 'Date entered on file', []],
    [6, 1, 'Type of date', ['b' => 'No dates given; B.C. date involved', 'c' => 'Continuing resource currently published', 'd' => 'Continuing resource ceased publication', 'e' => 'Detailed date', 'i' => 'Inclusive dates of collection', 'k' => 'Range of years of bulk of collection', 'm' => 'Multiple dates', 'n' => 'Dates unknown', 'p' => 'Date of distribution and production', 'q' => 'Questionable date', 'r' => 'Reprint date and original date', 's' => 'Single known date', 't' => 'Publication date and copyright date', 'u' => 'Continuing resource status unknown'] + $fill],
    [7, 4, 'Date 1', []],
    [11, 4, 'Date 2', []],
    [15, 3, 'Place of publication', []],
];
$ends = [
    [35, 3, 'Language', []],
    [38, 1, 'Modified record', [' ' => 'Not modified', 'd' => 'Dashed-on information omitted', 'o' => 'Completely romanized, printed cards romanized', 'r' => 'Completely romanized, printed cards in script', 's' => 'Shortened', 'x' => 'Missing characters'] + $fill],
    [39, 1, 'Cataloging source', [' ' => 'National bibliographic agency', 'c' => 'Cooperative cataloging program', 'd' => 'Other', 'u' => 'Unknown'] + $fill],
];

$positions = [
    'LDR' => ['' => [
        [5, 1, 'Record status', ['a' => 'Increase in encoding level', 'c' => 'Corrected or revised', 'd' => 'Deleted', 'n' => 'New', 'p' => 'Increase in encoding level from prepublication']],
        [6, 1, 'Type of record', ['a' => 'Language material', 'c' => 'Notated music', 'd' => 'Manuscript notated music', 'e' => 'Cartographic material', 'f' => 'Manuscript cartographic material', 'g' => 'Projected medium', 'i' => 'Nonmusical sound recording', 'j' => 'Musical sound recording', 'k' => 'Two-dimensional nonprojectable graphic', 'm' => 'Computer file', 'o' => 'Kit', 'p' => 'Mixed materials', 'r' => 'Three-dimensional artifact or natural object', 't' => 'Manuscript language material']],
        [7, 1, 'Bibliographic level', ['a' => 'Monographic component part', 'b' => 'Serial component part', 'c' => 'Collection', 'd' => 'Subunit', 'i' => 'Integrating resource', 'm' => 'Monograph/item', 's' => 'Serial']],
        [8, 1, 'Type of control', [' ' => 'No specified type', 'a' => 'Archival']],
        [9, 1, 'Character coding scheme', [' ' => 'MARC-8', 'a' => 'UCS/Unicode']],
        [17, 1, 'Encoding level', [' ' => 'Full level', '1' => 'Full level, material not examined', '2' => 'Less-than-full level, material not examined', '3' => 'Abbreviated level', '4' => 'Core level', '5' => 'Partial (preliminary) level', '7' => 'Minimal level', '8' => 'Prepublication level', 'u' => 'Unknown', 'z' => 'Not applicable']],
        [18, 1, 'Descriptive cataloging form', [' ' => 'Non-ISBD', 'a' => 'AACR 2', 'c' => 'ISBD punctuation omitted', 'i' => 'ISBD punctuation included', 'n' => 'Non-ISBD punctuation omitted', 'u' => 'Unknown']],
        [19, 1, 'Multipart resource record level', [' ' => 'Not specified or not applicable', 'a' => 'Set', 'b' => 'Part with independent title', 'c' => 'Part with dependent title']],
    ]],
    '007' => require __DIR__.'/marc21-007.php',
    '007 categories' => ['a' => 'Map', 'c' => 'Electronic resource', 'd' => 'Globe', 'f' => 'Tactile material', 'g' => 'Projected graphic', 'h' => 'Microform', 'k' => 'Nonprojected graphic', 'm' => 'Motion picture', 'o' => 'Kit', 'q' => 'Notated music', 'r' => 'Remote-sensing image', 's' => 'Sound recording', 't' => 'Text', 'v' => 'Videorecording', 'z' => 'Unspecified'],
    // 006 begins with the type of record; then come the positions of 008 for that material, 17 earlier.
    '006 materials' => ['a' => 'books', 't' => 'books', 'c' => 'music', 'd' => 'music', 'i' => 'music', 'j' => 'music', 'e' => 'maps', 'f' => 'maps', 'g' => 'visual', 'k' => 'visual', 'o' => 'visual', 'r' => 'visual', 'm' => 'computer', 'p' => 'mixed', 's' => 'continuing'],
];
foreach ($materials as $material => $own) {
    $positions['008'][$material] = [...$always, ...$own, ...$ends];
    $positions['006'][$material] = array_map(static fn (array $position): array => [$position[0] - 17, $position[1], $position[2], $position[3]], $own);
}

return $positions;
