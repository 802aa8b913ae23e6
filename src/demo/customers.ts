/** The demo shop's customers: the island's amateur stage and its neighbours. All made up. */
import type { CustomerWrite } from '#shared/api/customers'

type Has = [model: string, serial?: string, bought?: string]
const person = (
  name: string,
  machines: Has[],
  owns: string[] = [],
  more: Partial<CustomerWrite> = {},
): CustomerWrite => ({
  name,
  email: `${name
    .toLowerCase()
    .replace(/ø/g, 'o')
    .replace(/å/g, 'a')
    .replace(/[^a-z]+/g, '.')}@stage.example`,
  ...more,
  machines: machines.map(([model, serial, bought]) => ({
    model,
    ...(serial ? { serial } : {}),
    ...(bought ? { bought } : {}),
  })),
  owns,
})

export const demoCustomers = (): CustomerWrite[] => [
  person('Ylvi Sandmoor', [['plover-60', 'PL-20417', '2023-03-04']], ['lf-16'], {
    phone: '555 0101',
    note: 'Sews the chiffon capes.',
  }),
  person('Torben Kvalsund', [['ketch', '1182', '1996-09-01']], [], { phone: '555 0102', note: 'Rings at lunch time.' }),
  person(
    'Anneke Dorsthoek',
    [
      ['halyard-9', 'HB-00318', '2024-11-20'],
      ['eddy-4', 'E4-7720', '2021-05-02'],
    ],
    ['os-k4w'],
  ),
  person('Imre Falkeborn', [['heron-200', 'HR-01102', '2025-02-14']], ['lf-29']),
  person('Solfrid Aaneby', [['eddy-self', 'ES-00041', '2025-06-30']]),
  person('Bram Oosterlund', [['yawl', '7741']], ['dm-blh']),
  person('Kaja Vettermo', [['wren-24', 'WR-5501', '2022-12-24']], ['lf-05'], { note: 'First machine, a gift.' }),
  person('Dagmar Hesselvik', [['capstan-11', 'CP-0009', '2026-01-17']], ['os-k9', 'os-k10']),
  person('Pim Achterdijk', [['halyard-7', 'HA-12044', '2020-08-08']]),
  person(
    'Runa Skarholt',
    [
      ['plover-60', 'PL-20991'],
      ['shoal-3', 'S3-118', '2024-03-03'],
    ],
    ['lf-28'],
  ),
  person('Eskil Mørkvær', [['confluence-5', 'CF-0231', '2025-10-10']], [], { note: 'Changes modes every week.' }),
  person('Liv Tangerup', [['dinghy', '20-551']], [], { phone: '555 0112' }),
  person(
    'Wietske Rondema',
    [
      ['heron-200', 'HR-00877', '2023-07-19'],
      ['eddy-4', 'E4-6630'],
    ],
    ['lf-16', 'lf-32'],
  ),
  person('Odd Brennvik', [['ripple-s1', 'RP-310', '2019-04-12']], [], { note: 'Sails and banners.' }),
  person('Mirthe Valkoog', [['plover-60', 'PL-19860', '2021-01-30']]),
  person('Gunvor Isdahl', [['ketch', '0937']], ['dm-zip']),
  person('Sjoerd Waalhaven', [['halyard-9', 'HB-00402', '2025-05-05']], ['os-k4w', 'os-k16']),
  person('Tordis Elvebakk', [['shoal-2', 'S2-077', '2017-02-02'], ['wren-24']]),
  person('Femke Luttikhuis', [['capstan-11', 'CP-0021', '2026-04-28']]),
  person('Hallvard Stokkan', [['yawl', '8120', '2001-06-15']], [], { phone: '555 0120' }),
  person('Nine Terwolde', [
    ['eddy-self', 'ES-00102', '2026-02-02'],
    ['plover-60', 'PL-21010'],
  ]),
  person('Åse Lindrup', [['heron-200', 'HR-01240', '2026-03-01']], ['lf-28', 'lf-29']),
  person('Joost Verhaegem', [
    ['spindrift-e', 'SP-0071', '2024-09-09'],
    ['halyard-7', 'HA-11870'],
  ]),
  person('Bergliot Haugum', [['wren-24', 'WR-5777', '2024-05-17']]),
  person(
    'Lobke Strating',
    [
      ['confluence-5', 'CF-0250', '2026-05-12'],
      ['heron-200', 'HR-01301'],
    ],
    ['lf-16'],
  ),
  person('Einar Grøtdal', [['ketch', '1420', '1999-11-11']], ['dm-blh', 'dm-bhf']),
  person('Marijke Elzinger', [['halyard-9', 'HB-00517', '2026-06-20']], [], { phone: '555 0127' }),
  person('Sunniva Rørbekk', [['plover-60', 'PL-21144', '2026-07-07']], ['lf-05', 'lf-07']),
  person('Ties Hoogkarspel', [['dinghy', '22-018', '2022-10-01']], [], {
    note: 'Twelve years old; his aunt sews too.',
  }),
  person(
    'Vigdis Ormestad',
    [
      ['eddy-4', 'E4-8001', '2023-12-12'],
      ['sloop', '0216', '2024-05-17'],
    ],
    [],
  ),
]
