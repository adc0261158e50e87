import { Form, Input, Modal } from 'antd';
import { z } from 'zod';
import { keptOnThisMachine } from '../../../../app/machine/kept';

/** What stands to the left and to the right of a class that faces its instructor: "the windows", "the stage". */
export const RoomLandmarks = z.object({
  left: z.string().trim().min(1).max(40),
  right: z.string().trim().min(1).max(40),
});
export type RoomLandmarks = z.infer<typeof RoomLandmarks>;

/** By the place where a group meets, so that every class there says the same. */
export const keptLandmarks = keptOnThisMachine('landmarks', RoomLandmarks);

interface Props {
  readonly place: string;
  readonly onSaid: (landmarks: RoomLandmarks) => void;
  readonly onLeave: () => void;
}

/** Asks what the sides of a room are called. */
export function Landmarks({ place, onSaid, onLeave }: Props) {
  const [form] = Form.useForm<RoomLandmarks>();
  const known = keptLandmarks.find(place);
  const submit = (written: RoomLandmarks) => {
    const landmarks = RoomLandmarks.parse(written);
    keptLandmarks.keep(place, landmarks);
    onSaid(landmarks);
  };
  const rules = [{ required: true, whitespace: true, message: 'what stands on this side' }];
  return (
    <Modal
      open
      title={place === '' ? 'The sides of the room' : `The sides of ${place}`}
      okText="Say it so"
      cancelText="Leave it"
      onOk={form.submit}
      onCancel={onLeave}
    >
      <p>As the class sees them when it faces the front.</p>
      <Form
        form={form}
        layout="vertical"
        {...(known ? { initialValues: known } : {})}
        onFinish={submit}
        requiredMark={false}
      >
        <Form.Item name="left" label="On the left" rules={rules}>
          <Input maxLength={40} placeholder="the windows" autoFocus />
        </Form.Item>
        <Form.Item name="right" label="On the right" rules={rules}>
          <Input maxLength={40} placeholder="the big door" onPressEnter={form.submit} />
        </Form.Item>
      </Form>
    </Modal>
  );
}
